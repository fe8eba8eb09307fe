<?php

declare(strict_types=1);

/*
 * Where several machines serve the same salons, sessions, caches, locks and jobs are in Redis: they are told and ended
 * there as they are in MariaDB, and while it is away every page says so and nothing breaks.
 */

use App\Bridge\Accounts\OpenSession;
use App\Bridge\Accounts\OpenSessions;
use App\Bridge\Accounts\SessionsInRedis;
use App\Care\Accounts\Sessions;
use App\Care\Monitoring\Heartbeat;
use App\Care\Monitoring\WaitingJobs;
use App\Jobs\RenewSalon;
use App\Jobs\SalonShard;
use App\Models\Salon;
use Carbon\CarbonImmutable;
use Illuminate\Console\Scheduling\CacheSchedulingMutex;
use Illuminate\Console\Scheduling\Event;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Redis;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\StandIn;

beforeEach(function (): void {
    $this->redis = StandIn::redis();
    config([
        'database.redis.default.port' => (string) $this->redis->port,
        'database.redis.cache.port' => (string) $this->redis->port,
        'session.driver' => 'redis', 'cache.default' => 'redis', 'queue.default' => 'redis',
        'queue.names' => ['default', 'salons-1', 'salons-2'],
    ]);
    foreach (['redis', 'session.store', 'cache', 'cache.store', 'queue', 'queue.connection'] as $made) {
        app()->forgetInstance($made);
    }
    foreach ([Redis::class, Cache::class, Queue::class] as $facade) {
        $facade::clearResolvedInstances();
    }
    app('session')->forgetDrivers();
    app(Heartbeat::class)->beat();
});

/** Signs in as a browser does that keeps its cookies. */
function signInWithCookies(FeatureTestCase $test, string $agent): string
{
    $test->typedPassword = false;
    app('session')->forgetDrivers();
    $answer = $test->withHeader('User-Agent', $agent)
        ->post('/sign-in', ['email' => 'ilse@test.example', 'password' => 'a-long-password'])
        ->assertRedirect('/today');

    return (string) $answer->getCookie(config()->string('session.cookie'))?->getValue();
}

it('keeps sessions with whose they are, and ends them for good', function (): void {
    $sessions = app(SessionsInRedis::class);
    $now = CarbonImmutable::now()->getTimestamp();
    $tablet = new OpenSession('t', '10.0.0.7', 'Tablet', $now - 60);
    $sessions->write($tablet, 'what the tablet holds', 7, false);
    $sessions->write(new OpenSession('p', '10.0.0.8', 'Mobi', $now), 'phone', 7, false);
    $sessions->write(new OpenSession('o', '10.0.0.9', '', $now), 'other', 8, false);
    $sessions->write(new OpenSession('g', '10.0.0.9', '', $now), 'guest', null, false);
    expect(array_column($sessions->of([7]), 'id'))->toBe(['p', 't'])
        ->and($sessions->of([7])[1])->toEqual($tablet)
        ->and($sessions->payload('t'))->toBe('what the tablet holds')
        ->and($sessions->payload('g'))->toBe('guest')
        ->and($sessions->end([7], 'p'))->toBe(1)
        ->and($sessions->payload('t'))->toBeNull();
    // A request that began before it was ended does not bring it back; a new sign-in under its name may.
    $sessions->write($tablet, 'late', 7, true);
    expect($sessions->payload('t'))->toBeNull()->and(array_column($sessions->of([7]), 'id'))->toBe(['p']);
    // Whoever changes the salon is somebody else from then on.
    $sessions->write(new OpenSession('p', '10.0.0.8', 'Mobi', $now), 'phone', 8, true);
    expect($sessions->of([7]))->toBe([])
        ->and(array_column($sessions->of([8]), 'id'))->toEqualCanonicalizing(['o', 'p']);
    $sessions->forget('o');
    expect(array_column($sessions->of([8]), 'id'))->toBe(['p'])->and($sessions->end([7, 8]))->toBe(1);
    // What has run out by the clock is told of no more, and Redis lets it go by itself.
    $sessions->write(new OpenSession('old', '', '', $now - 600 * 60), 'old', 8, false);
    expect($sessions->of([8]))->toBe([])
        ->and(Redis::connection()->command('ttl', ['session:old']))->toBeGreaterThan(35_000)->toBeLessThan(36_001);
});

it('signs in, tells where, and is signed out everywhere', function (): void {
    $this->salon->update(['name' => 'Saltlight']);
    $cookie = signInWithCookies($this, 'Mozilla/5.0 (Linux; Android 14) Tablet');
    expect(app(OpenSessions::class))->toBeInstanceOf(SessionsInRedis::class);
    $open = app(OpenSessions::class)->of([$this->stylist->id]);
    expect(array_column($open, 'id'))->toContain($cookie)
        ->and(array_column($open, 'agent'))->toContain('Mozilla/5.0 (Linux; Android 14) Tablet')
        ->and(DB::table('sessions')->count())->toBe(0)
        // As it lies there it is encrypted, like in MariaDB.
        ->and((string) app(SessionsInRedis::class)->payload($cookie))->not->toContain('_token');
    expect(app(Sessions::class)->endAll())->toBeGreaterThanOrEqual(1)
        ->and(app(OpenSessions::class)->of([$this->stylist->id]))->toBe([]);
});

it('says that it is away, and comes back by itself', function (): void {
    $this->get('/sign-in')->assertOk();
    $this->redis->stop();
    app('session')->forgetDrivers();
    $this->get('/sign-in')->assertStatus(503)->assertHeader('Retry-After', '5')->assertSee('One moment');
    $this->get('/up')->assertOk();
    $health = $this->get('/health')->assertStatus(503)->json('checks');
    expect($health['redis']['state'])->toBe('failing')->and($health['database']['state'])->toBe('ok')
        ->and($health['queue']['state'])->toBe('unknown')->and($health['clock']['state'])->toBe('unknown');
});

it('watches the jobs of all shards', function (): void {
    expect($this->get('/health')->json('checks.redis.state'))->toBe('ok')
        ->and(app(WaitingJobs::class)->oldestSeconds(CarbonImmutable::now()))->toBe(0);
    foreach ([1, 2, 5] as $salonId) {
        RenewSalon::dispatch($salonId);
        RenewSalon::dispatch($salonId);
    }
    expect(Queue::connection('redis')->size('salons-1'))->toBe(1)
        ->and(Queue::connection('redis')->size('salons-2'))->toBe(2)
        ->and(app(WaitingJobs::class)->count())->toBe(3)
        ->and(app(WaitingJobs::class)->oldestSeconds(CarbonImmutable::now()->addSeconds(301)))
        ->toBeGreaterThanOrEqual(301);
    $this->travelTo(CarbonImmutable::now()->addSeconds(301));
    app(Heartbeat::class)->beat();
    expect($this->get('/health')->json('checks.queue.state'))->toBe('failing');
});

it('works off the jobs of all shards, or of those it is told', function (): void {
    $left = fn (): int => app(WaitingJobs::class)->count();
    // A process that has run a thousand tests is larger than a worker may be, and would go after its first job.
    $work = ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 4096];
    // No such salons: there is nothing to renew, and the job is through.
    foreach ([900_000_001, 900_000_002, 900_000_003] as $salonId) {
        RenewSalon::dispatch($salonId);
    }
    expect($left())->toBe(3);
    $this->artisan('nagomi:work', ['--queue' => 'salons-1', ...$work])->assertSuccessful();
    expect($left())->toBe(2)->and(Queue::connection('redis')->size('salons-1'))->toBe(0);
    $this->artisan('nagomi:work', $work)->assertSuccessful();
    expect($left())->toBe(0)->and(DB::table('failed_jobs')->count())->toBe(0);
    $this->artisan('nagomi:work', ['--queue' => 'default,salons-7', ...$work])
        ->expectsOutputToContain('salons-7 is none of default, salons-1, salons-2')
        ->assertExitCode(2);
});

it('puts all of a salon in one shard, and spreads salons over all', function (): void {
    $queues = array_map(SalonShard::queueOf(...), range(1, 300));
    expect(array_count_values($queues))->toBe(['salons-1' => 100, 'salons-2' => 100, 'default' => 100])
        ->and(SalonShard::queueOf(4))->toBe(SalonShard::queueOf(4))->toBe('salons-1');
    config(['queue.names' => ['default']]);
    expect(SalonShard::queueOf(4))->toBe('default');
});

it('leaves every salon to the worker of its shard by night', function (): void {
    Queue::fake();
    $this->artisan('nagomi:renew --queued')->assertSuccessful();
    Queue::assertPushed(RenewSalon::class, Salon::query()->count());
    Queue::assertPushedOn(SalonShard::queueOf($this->salon->id), RenewSalon::class);
});

it('does by the clock on one machine what needs doing once', function (): void {
    $events = collect(app(Schedule::class)->events());
    $everywhere = $events->reject(static fn (Event $event): bool => $event->onOneServer);
    expect($events->count())->toBeGreaterThan(8)
        ->and($everywhere->map->description->values()->all())->toBe(['heartbeat']);
    $event = $events->first(static fn (Event $event): bool => $event->onOneServer);
    $now = CarbonImmutable::now();
    expect($event?->shouldSkipDueToOverlapping())->toBeFalse()
        // Two machines that look at the same minute: the lock is in what both share.
        ->and(app(CacheSchedulingMutex::class)->create($event, $now))->toBeTrue()
        ->and(app(CacheSchedulingMutex::class)->create($event, $now))->toBeFalse()
        ->and(app(CacheSchedulingMutex::class)->create($event, $now->addMinute()))->toBeTrue();
});
