<?php

declare(strict_types=1);

/*
 * How the machine does: each check fails when what it looks at is made to, another implementation reads the metrics,
 * nobody else sees them, and a line of the log leads back to its request.
 */

use App\Care\Monitoring\Heartbeat;
use App\Care\Monitoring\SystemMetrics;
use App\Http\Middleware\NumberRequest;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use Symfony\Component\Process\Process;
use Tests\Feature\FeatureTestCase;

beforeEach(function (): void {
    $this->stamp = (string) tempnam(sys_get_temp_dir(), 'stamp');
    file_put_contents($this->stamp, (string) now()->getTimestamp());
    config(['monitoring.backup_stamp' => $this->stamp, 'queue.default' => 'database']);
    app(Heartbeat::class)->beat();
});

/** @return array<string, string> state by check */
function stateOfChecks(FeatureTestCase $test): array
{
    $answer = $test->get('/health');
    $states = array_map(static fn (array $one): string => $one['state'], $answer->json('checks'));
    expect($answer->getStatusCode())->toBe(in_array('failing', $states, true) ? 503 : 200)
        ->and($answer->json('state'))->toBe(in_array('failing', $states, true) ? 'failing' : 'ok');

    return $states;
}

it('is well where everything goes', function (): void {
    expect(array_unique(array_values(stateOfChecks($this))))->toBe(['ok']);
    $checks = $this->get('/health')->json('checks');
    expect(array_keys($checks))->toBe(['database', 'migrations', 'queue', 'clock', 'disk', 'backup'])
        ->and($checks['database']['value'])->toBeGreaterThan(0.0)->toBeLessThan(5.0)
        ->and($checks['disk']['value'])->toBeGreaterThan($checks['disk']['limit']);
    $this->get('/up')->assertOk()->assertContent("up\n");
});

it('says which check fails, and that one alone', function (string $check, Closure $spoil): void {
    $spoil($this);
    expect(array_keys(stateOfChecks($this), 'failing', true))->toBe([$check]);
    $this->get('/up')->assertOk();
})->with([
    'a release that was not migrated' => [
        'migrations', fn () => DB::table('migrations')->orderByDesc('id')->limit(1)->delete(),
    ],
    'a worker that is gone' => ['queue', fn () => DB::table('jobs')->insert([
        'queue' => 'default', 'payload' => '{}', 'attempts' => 0, 'reserved_at' => null,
        'available_at' => now()->subSeconds(301)->getTimestamp(), 'created_at' => now()->getTimestamp(),
    ])],
    'a clock that stands' => ['clock', function (FeatureTestCase $test): void {
        $test->travelTo(now()->subSeconds(181));
        app(Heartbeat::class)->beat();
        $test->travelTo(now()->addSeconds(181));
    }],
    'a full disk' => ['disk', fn () => config(['monitoring.free_bytes' => PHP_INT_MAX])],
    'an old backup' => ['backup', fn (FeatureTestCase $test) => file_put_contents(
        $test->stamp,
        (string) (now()->getTimestamp() - 36 * 3600 - 1),
    )],
    'a backup that never was, of a salon that is not new' => ['backup', function (FeatureTestCase $test): void {
        unlink($test->stamp);
        DB::table('salons')->update(['created_at' => now()->subDays(2)]);
    }],
]);

it('lets nothing wait that is done, or whose turn has not come', function (): void {
    $job = ['queue' => 'default', 'payload' => '{}', 'attempts' => 0, 'created_at' => 0];
    DB::table('jobs')->insert([
        $job + ['reserved_at' => 1, 'available_at' => 1],
        $job + ['reserved_at' => null, 'available_at' => now()->addHour()->getTimestamp()],
        $job + ['reserved_at' => null, 'available_at' => now()->subSeconds(300)->getTimestamp()],
    ]);
    expect(stateOfChecks($this)['queue'])->toBe('ok');
    // A new salon has no backup yet, and nobody is woken for it.
    unlink($this->stamp);
    DB::table('salons')->update(['created_at' => now()->subHours(30)]);
    expect(stateOfChecks($this)['backup'])->toBe('unknown');
});

it('sweeps out what the cache keeps beyond its end, and nothing else', function (): void {
    DB::table('cache')->delete();
    $end = now()->getTimestamp();
    DB::table('cache')->insert([
        ['key' => 'over', 'value' => '', 'expiration' => $end - 1],
        ['key' => 'goes on', 'value' => '', 'expiration' => $end + 60],
    ]);
    DB::table('cache_locks')->insert(['key' => 'let go', 'owner' => 'nobody', 'expiration' => $end - 1]);
    $this->artisan('nagomi:sweep-cache')->assertSuccessful()->expectsOutputToContain('2 rows');
    expect(DB::table('cache')->pluck('key')->all())->toBe(['goes on'])
        ->and(DB::table('cache_locks')->where('key', 'let go')->exists())->toBeFalse();
});

it('says so where the database is away, and what can be seen without it', function (): void {
    DB::shouldReceive('select')->andThrow(new RuntimeException('away'));
    expect(array_filter(stateOfChecks($this), fn (string $state): bool => $state !== 'unknown'))
        ->toBe(['database' => 'failing', 'disk' => 'ok']);
    $text = $this->get('/metrics')->assertOk()->getContent();
    expect($text)->toContain('nagomi_check_ok{check="database"} 0')->toContain('nagomi_disk_free_bytes ')
        ->not->toContain('nagomi_clients');
});

it('is measured in a form that Prometheus’ own client reads', function (): void {
    $this->aNewHead();
    DB::table('failed_jobs')->insert([
        'uuid' => 'a', 'connection' => 'database', 'queue' => 'default', 'payload' => '{}', 'exception' => 'x',
    ]);
    $answer = $this->get('/metrics')->assertOk()->assertHeader('Content-Type', SystemMetrics::TYPE);
    // prometheus_client is Debian's python3-prometheus-client: the parser of the project itself.
    $read = new Process(['/usr/bin/python3', '-c', implode("\n", [
        'import json, sys',
        'from prometheus_client.parser import text_string_to_metric_families as families',
        'print(json.dumps([[s.name, s.labels, s.value, f.type] for f in families(sys.stdin.read()) for s in f.samples]))',
    ])]);
    $read->setInput((string) $answer->getContent())->mustRun();
    $samples = json_decode($read->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    $values = [];
    foreach ($samples as [$name, $labels, $value, $type]) {
        expect($type)->toBe('gauge')->and($name)->toStartWith('nagomi_');
        $values[$name . implode(',', $labels)] = $value;
    }
    expect($values['nagomi_clients'])->toEqual(DB::table('heads')->count())
        ->and($values['nagomi_salons'])->toEqual(DB::table('salons')->count())
        ->and($values['nagomi_jobs_failed'])->toEqual(1)
        ->and($values['nagomi_check_okdisk'])->toEqual(1)
        ->and($values['nagomi_webhook_deliveriesdue'])->toEqual(0)
        ->and($values['nagomi_disk_free_bytes'])->toBeGreaterThan(1e6)
        ->and(count($samples))->toBeGreaterThan(20);
});

it('is there for who looks after the machine, and for nobody else', function (): void {
    foreach (['/health', '/metrics'] as $path) {
        $this->get($path)->assertOk();
        $this->call('GET', $path, server: ['REMOTE_ADDR' => '192.168.1.7'])->assertNotFound();
        // What stands in front of it is on this machine too.
        $this->call('GET', $path, server: ['HTTP_X_FORWARDED_FOR' => '203.0.113.9'])->assertNotFound();
        config(['monitoring.token' => 'a-long-token']);
        $this->get($path)->assertNotFound();
        foreach (['a-long-token' => 200, 'another' => 404, '' => 404] as $token => $status) {
            $this->call('GET', $path, server: [
                'REMOTE_ADDR' => '192.168.1.7', 'HTTP_AUTHORIZATION' => "Bearer {$token}",
            ])->assertStatus($status);
        }
        config(['monitoring.token' => '']);
    }
});

it('gives each request a number that stands in the log, on the page that went wrong and in the answer', function (): void {
    Route::get('/test-breaks', fn () => throw new RuntimeException('broken on purpose'))->name('test.breaks');
    $file = (string) tempnam(sys_get_temp_dir(), 'log');
    config(['logging.channels.daily.path' => $file . '.log', 'logging.default' => 'daily']);
    Log::forgetChannel('daily');
    Log::setDefaultDriver('daily');
    $this->actingAs($this->stylist);
    $answer = $this->get('/test-breaks')->assertStatus(500);
    $number = (string) $answer->headers->get(NumberRequest::HEADER);
    expect($number)->toMatch('/^[0-9A-Z]{26}$/')->and((string) $answer->getContent())->toContain($number);
    $written = (string) file_get_contents((string) (glob("{$file}*.log")[0] ?? ''));
    $line = json_decode(explode("\n", trim($written))[0], true, flags: JSON_THROW_ON_ERROR);
    expect($line['message'])->toBe('broken on purpose')->and($line['extra']['request'] ?? null)->toBe($number)
        ->and($line['level_name'])->toBe('ERROR');
    // One that came from what stands in front is kept; what is no number is not.
    $this->get('/up', ['X-Request-Id' => 'proxy-0123456789'])->assertHeader(NumberRequest::HEADER, 'proxy-0123456789');
    $other = $this->get('/up', ['X-Request-Id' => 'x"},{"level":"forged'])->headers->get(NumberRequest::HEADER);
    expect($other)->not->toContain('forged');
    $problem = $this->get('/api/v1/nowhere');
    expect($problem->json('instance'))->toBe('urn:request:' . $problem->headers->get(NumberRequest::HEADER));
});
