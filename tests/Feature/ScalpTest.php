<?php

declare(strict_types=1);

use App\Bridge\Clients\RecordImporter;
use App\Models\Clearance;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Trial;
use App\Wording\Said;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Treatments\Calendar;

/** A map of the scalp as its form sends it. */
function typedScalp(int $flakes, array $others = []): array
{
    return array_fill_keys(
        array_map(fn (Zone $zone): string => "flakes_{$zone->value}", Zone::cases()),
        (string) $flakes,
    )
        + array_map(strval(...), $others + ['itch' => 1, 'oil' => 3, 'redness' => 0, 'soreness' => 0]);
}

/** Takes a map of the scalp in, on a day so many days ago. */
function lookedAtScalp($test, Head $head, int $daysAgo, array $scalp)
{
    return $test->actingAs($test->stylist)->post("/clients/{$head->id}/hair-tests", [
        'date' => now('Europe/Lisbon')->subDays($daysAgo)->format('Y-m-d'), 'moment' => 'before-cleansing',
        'raw' => ['scalp' => $scalp],
    ])->assertSessionHasNoErrors();
}

/** @return list<string> what each planned wash day is cleansed with */
function plannedCleanses(Head $head): array
{
    return $head->planItems()->where('status', 'planned')->get()->map(
        fn (PlanItem $item): string => collect($item->steps)->firstWhere('kind', 'cleanse')['cleanse'],
    )->values()->all();
}

it('says nothing of a scalp that nobody read, and sets nothing by it', function (): void {
    $head = $this->aHead();
    expect($head->outlook->scalp)->toBeNull();
    $this->actingAs($this->stylist)->get("/clients/{$head->id}")->assertSee('The scalp was not checked lately');
    expect(plannedCleanses($head))->not->toContain('scalp-care');
});

it('cares for a scalp that flakes, says why, and says the same on every page', function (): void {
    $head = $this->aHead();
    lookedAtScalp($this, $head, 0, typedScalp(4, ['itch' => 5]));
    $scalp = $head->outlook()->first()->scalp;
    expect(plannedCleanses($head->refresh()))->toContain('scalp-care')
        ->and($scalp['care_for'])->toBe('scalp-flakes')
        ->and(count($scalp['ahead']))->toBe(85);
    $item = $head->planItems()->where('status', 'planned')->get()->first(
        fn (PlanItem $item): bool => collect($item->steps)->contains('cleanse', 'scalp-care'),
    );
    expect(Said::of($item->reasons[0]))->toContain('Scalp shampoo: flakes are expected at')
        ->and(collect($item->steps)->firstWhere('cleanse', 'scalp-care')['minutes'])->toEqual(4)
        ->and($scalp['care_on'])->toBe($item->date->format('Y-m-d'));
    $care = 'Scalp shampoo next on ' . $item->date->format('j M') . ', for the flakes.';
    $this->get("/clients/{$head->id}")->assertSee($care)->assertSee('treated from here on');
    $this->get("/clients/{$head->id}/plan")->assertSee($care);
    $this->get("/clients/{$head->id}/wash")->assertSee($care);
});

it('washes an oily scalp sooner, says so, and keeps to the client’s own days where the terms say so', function (): void {
    $head = $this->aHead();
    foreach ([28, 21, 14, 7, 0] as $ago) {
        lookedAtScalp($this, $head, $ago, typedScalp(0, ['oil' => 10]));
    }
    $rhythm = $head->outlook()->first()->scalp['rhythm'];
    expect($rhythm['because'])->toBe('scalp-oil')->and($rhythm['days'])->toBeLessThan($rhythm['own']);
    $says = "Wash every {$rhythm['days']} days instead of {$rhythm['own']}: it is too oily before then.";
    $this->get("/clients/{$head->id}")->assertSee($says);
    $this->get("/clients/{$head->id}/plan")->assertSee($says)->assertSee("Every {$rhythm['days']} days");
    $washes = $head->planItems()->where('status', 'planned')->count();
    $this->put("/clients/{$head->id}/plan/terms", ['keeps_rhythm' => '1'])->assertSessionHasNoErrors();
    expect($head->refresh()->season['keeps_rhythm'])->toBeTrue()
        ->and($head->planItems()->where('status', 'planned')->count())->toBeLessThan($washes);
    $this->get("/clients/{$head->id}/plan")
        ->assertSee("the plan keeps to every {$rhythm['own']}, as the limits say")
        ->assertSee("Every {$rhythm['own']} days");
    $this->get("/clients/{$head->id}/record.json")->assertJsonPath('season.keeps_rhythm', true);
    $this->put(
        "/clients/{$head->id}/plan/terms",
        ['keeps_rhythm' => 'perhaps'],
    )->assertSessionHasErrors('keeps_rhythm');
    $this->put("/clients/{$head->id}/plan/terms", ['keeps_rhythm' => '0'])->assertSessionHasNoErrors();
    expect($head->refresh()->season)->not->toHaveKey('keeps_rhythm');
});

it('bars by itself what a reading says is sore or for a clinician, until somebody looks', function (): void {
    $head = $this->aHead();
    lookedAtScalp($this, $head, 0, typedScalp(5, ['redness' => 6, 'soreness' => 5]));
    expect($head->refresh()->red_sign)->toBeTrue()->and($head->sore_scalp)->toBeTrue();
    $raised = Clearance::query()->where('head_id', $head->id)->orderBy('id')->get();
    expect($raised->pluck('sign')->all())->toBe(['red', 'sore'])
        ->and($raised[0]->seen)->toBe('flakes 40 of 80, redness 6 of 10')
        ->and($raised[1]->seen)->toBe('soreness 5 of 10, redness 6 of 10')
        ->and(DB::table('clearances')->value('seen'))->not->toContain('flakes')
        ->and(array_unique(plannedCleanses($head)))->toBe(['gentle']);
    foreach (['', '/plan', '/wash'] as $page) {
        $this->get("/clients/{$head->id}{$page}")->assertSee(
            'Heavy flaking with redness was noted: for a clinician first.',
        );
    }
    $this->get('/today')->assertSee('nobody has looked again: flakes 40 of 80, redness 6 of 10');
    // Read again before anybody looked: it is barred already.
    lookedAtScalp($this, $head, 0, typedScalp(5, ['redness' => 7, 'soreness' => 5]));
    expect(Clearance::query()->where('head_id', $head->id)->count())->toBe(2);
    $judge = fn (int $i, array $said): mixed => $this->put(
        "/clients/{$head->id}/safety-flags/read",
        ['clearance' => (string) $raised[$i]->id] + $said,
    );
    $judge(1, ['what' => 'withdraw', 'because' => ''])->assertSessionHasErrors('because');
    $judge(1, ['what' => 'perhaps'])->assertSessionHasErrors('what');
    expect($head->refresh()->sore_scalp)->toBeTrue();
    $judge(
        1,
        ['what' => 'withdraw', 'because' => 'a hat that rubbed'],
    )->assertSessionHas('said', __('scalp.raised.withdrawn'));
    expect($head->refresh()->sore_scalp)->toBeFalse()
        ->and($raised[1]->refresh()->withdrawn)->toBeTrue()
        ->and($raised[1]->seen)->toContain('a hat that rubbed')
        ->and($head->red_sign)->toBeTrue();
    $judge(1, ['what' => 'confirm'])->assertSessionHas('said', __('scalp.raised.gone'));
    $judge(0, ['what' => 'confirm'])->assertSessionHas('said', __('scalp.raised.confirmed'));
    expect(
        $raised[0]->refresh()->confirmed_by,
    )->toBe($this->stylist->name)->and($head->refresh()->red_sign)->toBeTrue();
    $this->get('/today')->assertSee('ask what the clinician said')->assertDontSee('nobody has looked again');
    // Another salon's stylist judges nothing here.
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($stranger)->put(
        "/clients/{$head->id}/safety-flags/read",
        ['clearance' => (string) $raised[0]->id, 'what' => 'confirm'],
    )->assertNotFound();
});

it('takes what the client feels at home as unlooked at, and leaves alone what was cleared since', function (): void {
    $head = $this->aHead();
    $sore = fn (int $daysAgo): Reading => new Reading(
        "felt-{$daysAgo}",
        Calendar::dayOf($this->salon->today()->subDays($daysAgo)),
        Moment::Home,
        'scalp-at-home',
        ['itch' => 2, 'oil' => 2, 'soreness' => 8],
    );
    $visits = app(App\Care\Readings\Visits::class);
    $visits->take($head, strtolower((string) Str::ulid()), [$sore(200)], '');
    expect($head->refresh()->sore_scalp)->toBeFalse();
    $visits->take($head, strtolower((string) Str::ulid()), [$sore(3)], 'at home');
    expect($head->refresh()->sore_scalp)->toBeTrue();
    $this->actingAs($this->stylist)->get("/clients/{$head->id}")->assertSee('Felt by the client');
    $this->put("/clients/{$head->id}/safety-flags", [
        'sign' => 'sore', 'cleared_by' => 'The clinic', 'cleared_on' => $this->salon->today()->format('Y-m-d'),
    ])->assertSessionHasNoErrors();
    $visits->take($head->refresh(), strtolower((string) Str::ulid()), [$sore(2)], '');
    expect($head->refresh()->sore_scalp)->toBeFalse();
});

it('keeps in the record who raised what by reading, and what became of it', function (): void {
    $head = $this->aHead();
    lookedAtScalp($this, $head, 0, typedScalp(0, ['soreness' => 9]));
    $kept = Clearance::query()->where('head_id', $head->id)->firstOrFail();
    $this->put(
        "/clients/{$head->id}/safety-flags/read",
        ['clearance' => (string) $kept->id, 'what' => 'confirm'],
    )->assertSessionHasNoErrors();
    $record = $this->get("/clients/{$head->id}/record.json")->json();
    expect($record['clearances'][0])->toMatchArray([
        'sign' => 'sore', 'by_reading' => true, 'confirmed_by' => $this->stylist->name, 'confirmed_on' => '2027-01-09',
    ])->not->toHaveKey('withdrawn');
    [$salon] = $this->salonWithStylist('maren@test.example');
    $read = Nagomi\Core\Record\CareRecordReader::read(
        json_encode($record),
        Nagomi\Core\Parameters\Parameters::shipped(),
    );
    $there = app(RecordImporter::class)->record($read, $salon);
    expect(Clearance::query()->withoutGlobalScope('salon')->where('head_id', $there->id)->firstOrFail())
        ->by_reading->toBeTrue()->confirmed_by->toBe($this->stylist->name);
});

it('compares the flakes of two sides of one head', function (): void {
    $head = $this->aHead();
    foreach ([28, 21, 14, 7, 0] as $i => $ago) {
        lookedAtScalp(
            $this,
            $head,
            $ago,
            ['flakes_left' => (string) (5 + $i % 2), 'flakes_right' => '1'] + typedScalp(0),
        );
    }
    $this->post("/clients/{$head->id}/trends/trials", [
        'kind' => 'half-head', 'change' => 'Scalp shampoo on the right alone', 'sign' => 'scalp-flakes',
        'began_on' => now('Europe/Lisbon')->subDays(30)->format('Y-m-d'),
        'usual_zone' => 'left', 'changed_zone' => 'right',
    ])->assertSessionHasNoErrors();
    $told = app(App\Bridge\Trials\TrialResult::class)->told($head, Trial::query()->firstOrFail());
    expect($told['first'])->toBe([5.0, 6.0, 5.0, 6.0, 5.0])->and($told['second'])->toBe([1.0, 1.0, 1.0, 1.0, 1.0])
        ->and($told['result']->difference)->toEqualWithDelta(-4.4, 1e-9);
});
