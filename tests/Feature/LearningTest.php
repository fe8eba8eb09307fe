<?php

declare(strict_types=1);

/*
 * A salon's own numbers: learned from its records when asked for, a stretch at a time; used by nobody's doing but a
 * person's, for every client and everywhere; and left again as if they had never been.
 */

use App\Bridge\Clients\RecordImporter;
use App\Bridge\Learning\LearningRun;
use App\Bridge\Learning\SalonParameters;
use App\Bridge\Plans\Outlooks;
use App\Care\Learning\SalonNumbers;
use App\Jobs\LearnSalon;
use App\Jobs\RenewSalon;
use App\Models\Head;
use App\Models\HeadSnapshot;
use App\Models\Learning;
use App\Models\Role;
use App\Models\Salon;
use App\Models\TrailEntry;
use App\Models\User;
use Illuminate\Support\Facades\Queue;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecord;
use Nagomi\Core\Simulation\World;
use Nagomi\Core\Validation\SimulatedLife;

/** @return list<Head> virtual clients of a salon, read for so many days; as it ships, where hair tests show less */
function clientsOfFlatSigns(Salon $salon, int $heads, int $days = 112, World $world = World::FlatSigns): array
{
    $clients = [];
    for ($i = 0; $i < $heads; $i++) {
        $life = SimulatedLife::live(9000 + $i, $days, world: $world);
        $history = $life->history();
        test()->travelTo($life->from->modify('+' . ($days - 1) . ' days 10 hours'));
        $clients[] = app(RecordImporter::class)->record(
            new CareRecord("flat-{$i}", "Vesla {$i}", $history->head, [], $history->washDays, $history->readings),
            $salon,
        );
    }

    return $clients;
}

/** @return list<mixed> what a head comes to, and where it stood on its last days */
function standsAt(Head $head): array
{
    $outlook = app(Outlooks::class)->current($head->fresh(['salon', 'outlook']));

    return [
        $outlook->standing, $outlook->cells,
        HeadSnapshot::query()->where('head_id', $head->id)->orderBy('date')->pluck('state', 'date')->all(),
    ];
}

/** Lets the worker go on until it has ended. */
function learnThrough(Learning $learning, float $seconds = 60.0): Learning
{
    while (! app(LearningRun::class)->goOn($learning->refresh(), $seconds)) {
        continue;
    }

    return $learning->refresh();
}

it('says that there is too little to learn from, and learns nothing of it', function (): void {
    Queue::fake();
    $this->actingAs($this->stylist);
    $this->get('/salon/learned')->assertOk()->assertSee('At least 4 clients')->assertSee('there are 0')
        ->assertDontSee('Learn from our records');
    $this->post('/salon/learned')->assertSessionHasErrors('learned');
    $this->get('/salon/learned')->assertSee('hair tests of at least 4 clients are needed');
    expect(Learning::query()->count())->toBe(0);
    // One client read often is one client.
    $this->aHead();
    $this->get('/salon/learned')->assertSee('there are 1');
    $this->delete('/salon/learned')->assertSessionHas('said', __('learned.said.as-shipped'));
    Queue::assertNothingPushed();
});

it('learns from the records in stretches, shows it, is used by a person only, and is left again', function (): void {
    $heads = clientsOfFlatSigns($this->salon, 5);
    $this->actingAs($this->stylist);
    $before = standsAt($heads[0]);
    Queue::fake();
    $this->get('/salon/learned')->assertSee('Learn from our records')->assertDontSee('Use these numbers');
    $this->post('/salon/learned')->assertSessionHas('said', __('learned.said.asked'));
    $this->post('/salon/learned')->assertSessionHas('said', __('learned.said.under-way'));
    Queue::assertPushed(LearnSalon::class, 1);
    $learning = Learning::query()->sole();
    // A stretch too short for more than one client; a worker that comes after goes on from there.
    expect(app(LearningRun::class)->goOn($learning, 0.0))->toBeFalse()
        ->and($learning->fresh()->work['scores'])->toHaveCount(1);
    $this->get('/salon/learned')->assertSee('5 % done')->assertSee('learned.js', false);
    expect($this->getJson('/salon/learned')->assertOk()->json('page'))->toContain('5 % done', '<progress');
    learnThrough($learning);
    expect($learning->kinds['moisture-fading'])->toHaveKeys(['strand/fine', 'porosity/high', 'curl/coily'])
        ->and(array_sum(array_column($learning->kinds['moisture-fading'], 'heads')))->toEqualWithDelta(10.0, 1e-6);
    expect($learning->work)->toBeNull()->and($learning->heads)->toBe(5)->and($learning->readings)->toBeGreaterThan(100)
        ->and($learning->held['off'])->toBeLessThan(1.0)->toBeGreaterThan(0.5)
        ->and($learning->held['learned'] / $learning->readings)->toBeGreaterThan(0.74)->toBeLessThan(0.9)
        ->and(exp($learning->factors['slopes']['log']))->toBeGreaterThan(0.45)->toBeLessThan(0.85);
    // Shown, and nothing changed.
    $this->get('/salon/learned')->assertSee("From 5 clients and {$learning->readings} hair test results")
        ->assertSee('Use these numbers')->assertSee('You work with the numbers Nagomi comes with.')
        ->assertSee('Comes with 15.0 days')->assertSee('rests mostly on your records');
    expect(standsAt($heads[0]))->toBe($before);

    $this->put("/salon/learned/{$learning->id}")->assertSessionHas('said', __('learned.said.used'));
    Queue::assertPushed(RenewSalon::class, 1);
    $this->get('/salon/learned')->assertSee('You work with your own numbers')->assertDontSee('Use these numbers');
    $salon = $this->salon->fresh();
    $own = app(SalonParameters::class)->of($salon);
    $slope = static fn (Parameters $of): float => $of->table->one('signs.sign-slopes', 'dryness/moisture')->value;
    expect($slope($own) / $slope(Parameters::shipped()))
        ->toEqualWithDelta(exp($learning->factors['slopes']['log']), 1e-3)
        ->and(Head::query()->where('salon_id', $salon->id)->whereNull('outlook_due_from')->count())->toBe(0);
    $after = standsAt($heads[0]);
    expect($after[0])->not->toBe($before[0]);
    // Twice is once; and what the trail says can be read.
    $this->put("/salon/learned/{$learning->id}")->assertSessionHasNoErrors();
    expect(TrailEntry::query()->where('description', 'own-numbers-used')->count())->toBe(1);
    $this->get('/salon/trail')->assertSee('Their own numbers were put in use');

    $this->delete('/salon/learned')->assertSessionHas('said', __('learned.said.left'));
    expect($this->salon->fresh()->learned)->toBeNull()->and(standsAt($heads[0]))->toBe($before)
        ->and($learning->refresh()->left_by)->toBe('Ilse');
    $this->get('/salon/learned')->assertSee('Use these numbers');
});

it('goes by the numbers of its own salon alone', function (): void {
    [$other, $stranger] = $this->salonWithStylist('odd@test.example');
    $this->salon->update(['learned' => ['slopes' => 0.6, 'gone-since' => 2.0]]);
    $parameters = app(SalonParameters::class);
    $slope = static fn (Parameters $of): float => $of->table->one('signs.sign-slopes', 'dryness/moisture')->value;
    expect($slope($parameters->of($this->salon)))->toEqualWithDelta(0.6 * $slope(Parameters::shipped()), 1e-9)
        ->and($parameters->of($other->fresh()))->toBe(Parameters::shipped());
    $learning = (new Learning())->forceFill([
        'salon_id' => $this->salon->id, 'asked_by' => 'Ilse', 'asked_at' => now(), 'worked_on_at' => now(),
        'ended_at' => now(), 'heads' => 9, 'factors' => ['slopes' => ['log' => -0.4, 'sd' => 0.1, 'weight' => 0.8]],
    ]);
    $learning->save();
    $this->actingAs($stranger)->put("/salon/learned/{$learning->id}")->assertNotFound();
    expect($other->fresh()->learned)->toBeNull();
    // Whoever decides may look; what the salon goes by is the owner's.
    $this->stylist->update(['role' => Role::Stylist]);
    $this->actingAs(User::query()->findOrFail($this->stylist->id));
    $this->get('/salon/learned')->assertOk()->assertDontSee('Use these numbers');
    $this->put("/salon/learned/{$learning->id}")->assertForbidden();
    $this->post('/salon/learned')->assertForbidden();
    $this->delete('/salon/learned')->assertForbidden();
});

it('lets clients of one kind of hair begin as their kind has turned out, once a person has decided', function (): void {
    $kinds = [
        'moisture-fading' => [
            'strand/fine' => ['log' => 0.3, 'sd' => 0.05, 'heads' => 12],
            'strand/coarse' => ['log' => 0.05, 'sd' => 0.1, 'heads' => 8.5],
            'curl/coily' => ['log' => 0.0, 'sd' => 0.0, 'heads' => 0],
        ],
        'uptake' => ['strand/fine' => ['log' => -0.2, 'sd' => 0.04, 'heads' => 11]],
    ];
    $learning = (new Learning())->forceFill([
        'salon_id' => $this->salon->id, 'asked_by' => '', 'asked_at' => now(), 'worked_on_at' => now(),
        'ended_at' => now(), 'heads' => 20, 'readings' => 400, 'kinds' => $kinds,
        'held' => ['shipped' => 300, 'learned' => 310, 'off' => 0.99],
        'factors' => ['slopes' => ['log' => 0.0, 'sd' => 0.1, 'weight' => 0.1]],
    ]);
    $learning->save();
    $this->actingAs($this->stylist);
    $head = $this->aHead();
    $head->zoneParts()->update(['strand' => 'fine']);
    $before = standsAt($head);
    $this->get('/salon/learned')->assertSeeTextInOrder([
        'Kinds of hair', 'Fine strands: moisture goes 1.35 times as fast as with your clients as a whole.',
        'Fine strands: treatments give only 0.82 times as much', 'Coarse strands', '8.5', '1.05 ×',
    ])->assertDontSee('Coily');
    $this->get('/reports')->assertSee('Fine strands: moisture goes 1.35 times as fast');
    expect(standsAt($head))->toBe($before);
    $this->put("/salon/learned/{$learning->id}")->assertSessionHas('said', __('learned.said.used'));
    $own = app(SalonParameters::class)->of($this->salon->fresh());
    expect($own->population->shifts['moisture-fading']['strand/fine'])->toBe(0.3)
        ->and($own->population->shiftSds['moisture-fading']['strand/coarse'])->toBe(0.1)
        ->and($own->population->shifts['protein-fading']['strand/fine'])->toBe(0.0);
    expect(standsAt($head)[0])->not->toBe($before[0]);
    // Decided on, it stands on the reports no more.
    $this->actingAs($this->stylist->fresh())->get('/reports')->assertDontSee('Fine strands');
    $this->delete('/salon/learned')->assertSessionHas('said', __('learned.said.left'));
    expect($this->salon->fresh()->learned_kinds)->toBeNull()->and(standsAt($head))->toBe($before);
});

it('is begun again where a worker was killed for good, and says so where it broke off', function (): void {
    Queue::fake();
    clientsOfFlatSigns($this->salon, 4, 60);
    $this->actingAs($this->stylist);
    $this->post('/salon/learned');
    $first = Learning::query()->sole();
    $this->travel(11)->minutes();
    $this->get('/salon/learned')->assertSee('The last try broke off')->assertSee('Learn from our records');
    $this->post('/salon/learned')->assertSessionHas('said', __('learned.said.asked'));
    expect($first->refresh()->failed)->toBeTrue()->and(Learning::query()->whereNull('ended_at')->count())->toBe(1);
    $second = Learning::query()->whereNull('ended_at')->sole();
    (new LearnSalon($second->id, $this->salon->id))->failed();
    expect($second->refresh()->failed)->toBeTrue();
    $this->get('/salon/learned')->assertSee('The last try broke off')->assertSee('asked for by Ilse: broke off.');
    // There is nothing to go by in one that broke off.
    $this->put("/salon/learned/{$second->id}")->assertSessionHasErrors('learned');
    expect($this->salon->fresh()->learned)->toBeNull();
});

it('is not thrown by a client who is deleted on the way, nor by a salon whose clients all are', function (): void {
    $heads = clientsOfFlatSigns($this->salon, 4, 60);
    $numbers = app(SalonNumbers::class);
    $learning = $numbers->ask($this->salon, 'Ilse');
    app(LearningRun::class)->goOn($learning, 0.0);
    $heads[3]->delete();
    $heads[0]->delete();
    learnThrough($learning);
    // Of two clients nothing is learned.
    expect($learning->kinds)->toBeNull()->and($learning->heads)->toBe(2)
        ->and($learning->factors['slopes']['log'])->toEqual(0.0);
    $again = $numbers->ask($this->salon, 'Ilse');
    app(LearningRun::class)->goOn($again, 0.0);
    $this->salon->heads()->get()->each->delete();
    learnThrough($again);
    expect($again->heads)->toBe(0)->and($numbers->use($this->salon, $again, 'Ilse'))->toBeFalse();
});

it('says whether results come as expected, and whose do not', function (): void {
    $this->actingAs($this->stylist);
    $this->get('/salon/learned')->assertSee('nothing can be said');
    $heads = clientsOfFlatSigns($this->salon, 6, 84, World::Shipped);
    array_map(standsAt(...), $heads);
    $this->get('/salon/learned')->assertSee('Yes: no hair test, stylist, porosity or wait between tests stands out.')
        ->assertSee('clients: 6)')->assertSee('By hair test')->assertSee('By porosity');
    // Half of the days are read by somebody whose points go up and down.
    $days = DB::table('readings')->where('salon_id', $this->salon->id)->distinct()->orderBy('date')->pluck('date');
    $rows = DB::table('readings')->where('salon_id', $this->salon->id)->whereIn('test', ['dryness', 'curl-memory'])
        ->whereIn('date', $days->nth(2))->get(['id', 'raw']);
    foreach ($rows as $i => $row) {
        $points = max(0.0, min(10.0, json_decode($row->raw, true)['points'] + ($i % 2 === 0 ? 5 : -5)));
        DB::table('readings')->where('id', $row->id)->update([
            'raw' => json_encode(['points' => $points]), 'by' => 'Quim <b>Odd</b>',
        ]);
    }
    foreach ($heads as $head) {
        app(Outlooks::class)->of($head->fresh());
    }
    $this->get('/salon/learned')->assertSee('Results by Quim <b>Odd</b> scatter more than expected.')
        ->assertSee('are within their range; 80 should be.')->assertDontSee('stands out')
        ->assertDontSee('<b>Odd</b>', false);
    // Looked at each Monday, it stands on the reports until it is over.
    $this->get('/reports')->assertDontSee('scatter more');
    $this->artisan('nagomi:biases')->assertSuccessful();
    $this->actingAs($this->stylist->fresh());
    $this->get('/reports')
        ->assertSee('Results by Quim <b>Odd</b> scatter more than expected. (Looked at on 29 Mar 2026.)')
        ->assertDontSee('<b>Odd</b>', false);
    DB::table('head_snapshots')->where('salon_id', $this->salon->id)->update(['checks' => '[]']);
    $this->artisan('nagomi:biases')->assertSuccessful();
    $this->actingAs($this->stylist->fresh())->get('/reports')->assertDontSee('scatter more');
});

it('scores scalp and detangling alike, and says where learning does not help', function (): void {
    $heads = [$this->aHead(), $this->aHead(), $this->aHead(), $this->aHead(), $this->aHead()];
    foreach ($heads as $n => $head) {
        foreach (range(1, 8) as $i) {
            $head->readings()->make()->forceFill([
                'key' => "oil-{$n}-{$i}", 'salon_id' => $head->salon_id, 'moment' => 'home',
                'date' => now()->subDays(9 * $i)->format('Y-m-d'), 'test' => 'scalp-at-home', 'by' => 'Ilse',
                'raw' => ['itch' => 1, 'oil' => $i % 2 === 0 ? 10 : 0, 'soreness' => 0],
            ])->save();
        }
        $outlook = app(Outlooks::class)->of($head->refresh());
        expect(array_column($outlook->foretold, 'sign'))->toContain('scalp-oil', 'scalp-itch');
    }
    $this->actingAs($this->stylist)->get('/salon/learned')->assertSee('scalp oil')
        ->assertSee('Results for “scalp oil” scatter more here than expected.')
        ->assertSee('The numbers below do not bear on it.')->assertDontSee('signs.');
});

it('keeps what a plan foretold on a day of tests, and says what came of it', function (): void {
    $this->actingAs($this->stylist);
    $head = $this->aNewHead();
    $kept = fn (): array => DB::table('plan_foretold')->where('head_id', $head->id)
        ->pluck('in_balance', 'made_on')->all();
    expect($kept())->toBe([]);
    $this->post("/clients/{$head->id}/hair-tests", [
        'date' => '2027-01-09', 'moment' => 'before-cleansing', 'raw' => ['dryness' => ['points' => '4']],
    ])->assertSessionHasNoErrors();
    $first = $kept();
    expect(array_keys($first))->toBe(['2027-01-09'])
        ->and($first['2027-01-09'])->toBeGreaterThan(0.0)->toBeLessThan(1.0);
    // It stays as it was said when other days come; a plan made without a test foretells nothing new.
    $this->travel(9)->days();
    app(Outlooks::class)->current($head->fresh(['salon', 'outlook']));
    expect($kept())->toBe($first);
    $this->get('/salon/learned')->assertDontSee('Plans made on test days');
    // Four weeks on, with what came of them; another salon's are not counted.
    $this->travel(30)->days();
    [$other] = $this->salonWithStylist('odd@test.example');
    $foreign = $this->aNewHead('protein-sensitive', $other);
    foreach ([[$head, 0.25], [$foreign, 0.99]] as [$of, $came]) {
        DB::table('plan_foretold')->updateOrInsert(['head_id' => $of->id, 'made_on' => '2027-01-09'], [
            'salon_id' => $of->salon_id, 'in_balance' => 0.75,
        ]);
        DB::table('balance_days')->where('head_id', $of->id)->delete();
        foreach (range(1, 28) as $day) {
            DB::table('balance_days')->insert([
                'head_id' => $of->id, 'salon_id' => $of->salon_id, 'in_balance' => $came,
                'date' => (new DateTimeImmutable('2027-01-09'))->modify("+{$day} days")->format('Y-m-d'),
            ]);
        }
    }
    $this->actingAs($this->stylist->fresh())->get('/salon/learned')
        ->assertSee('expected 75 of 100 days in balance over the next 4 weeks; it was 25 of 100.')
        ->assertSee('(plans: 1, clients: 1)');
    // Of too few of the days it is not told.
    DB::table('balance_days')->where('head_id', $head->id)->where('date', '>', '2027-01-20')->delete();
    $this->get('/salon/learned')->assertDontSee('Plans made on test days');
});

it('learns by itself once a month, tells where that clearly differs, and leaves the rest to a person', function (): void {
    Queue::fake();
    clientsOfFlatSigns($this->salon, 4, 84);
    [$empty] = $this->salonWithStylist('odd@test.example');
    $this->artisan('nagomi:learn')->assertSuccessful();
    $learning = Learning::query()->sole();
    expect($learning->salon_id)->toBe($this->salon->id)->and($learning->asked_by)->toBe('');
    Queue::assertPushed(LearnSalon::class, 1);
    // Another month comes while it is still under way.
    $this->artisan('nagomi:learn')->assertSuccessful();
    expect(Learning::query()->where('salon_id', $empty->id)->count())->toBe(0)
        ->and(Learning::query()->count())->toBe(1);
    $of = static fn (float $log, float $sd): array => ['log' => $log, 'sd' => $sd, 'weight' => 0.8];
    $learning->update(['ended_at' => now(), 'work' => null, 'heads' => 4, 'factors' => [
        'slopes' => $of(-0.5, 0.1), 'spread' => $of(0.9, 0.1), 'noise' => $of(0.05, 0.01),
        'moisture-fading' => $of(-0.4, 0.25),
    ]]);
    $told = 'here 0.61 points of dryness for 10 points of moisture, not 1.00';
    $this->actingAs($this->stylist)->get('/reports')->assertSee($told)
        ->assertDontSee('How far one hair test can be off')
        ->assertDontSee('Half of the moisture')->assertDontSee('How much clients differ');
    // The page it leads to does not say that there is no need, though the next result is foretold no better.
    $this->get('/salon/learned')->assertSee('they clearly differ from those Nagomi comes with')
        ->assertDontSee('there is no need');
    $this->put("/salon/learned/{$learning->id}")->assertSessionHasNoErrors();
    $this->actingAs($this->stylist->fresh())->get('/reports')->assertDontSee($told);
    // Decided on, also when it is left again; a newer one that says the same as is used tells nothing.
    $this->delete('/salon/learned');
    $this->actingAs($this->stylist->fresh())->get('/reports')->assertDontSee($told);
    $again = $learning->replicate(['used_at', 'used_by', 'left_at', 'left_by']);
    $again->save();
    $this->get('/reports')->assertSee($told);
    $this->salon->update(['learned' => ['slopes' => 0.6]]);
    $this->actingAs($this->stylist->fresh())->get('/reports')->assertDontSee($told);
    $this->get('/salon/learned')->assertSee('Earlier');
});
