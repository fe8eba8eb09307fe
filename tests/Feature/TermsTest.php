<?php

declare(strict_types=1);


/** @return list<string> */

use App\Bridge\Clients\HeadRecord;
use App\Models\PlanItem;
use App\Wording\Said;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\ProteinEvidence;

function plannedDays(App\Models\Head $head): array
{
    return $head
        ->planItems()
        ->where('status', 'planned')
        ->get()
        ->map(fn (PlanItem $item): string => $item->date->format('Y-m-d'))
        ->all();
}

it('plans round days away and keeps what was typed where a day is wrong', function (): void {
    $head = $this->aHead();
    $this
        ->actingAs($this->stylist)
        ->put(
            "/clients/{$head->id}/plan/terms",
            ['away' => [['from' => '2027-01-20', 'until' => '2027-02-05'], ['from' => '', 'until' => '']]],
        )
        ->assertSessionHasNoErrors()
        ->assertRedirect("/clients/{$head->id}/plan/terms");
    foreach (plannedDays($head) as $day) {
        expect($day < '2027-01-20' || $day > '2027-02-05')->toBeTrue();
    }
    $this->get("/clients/{$head->id}/plan/terms")->assertSee('2027-01-20');
    $season = $head->refresh()->season;
    $this->from("/clients/{$head->id}/plan/terms")->put(
        "/clients/{$head->id}/plan/terms",
        [
            'away' => [['from' => '2027-02-20', 'until' => '2027-02-10']],
            'stock' => ['mask' => 'many'],
            'home_minutes_limit' => '5',
        ],
    )
        ->assertSessionHasErrors(['away.0.until', 'stock.mask', 'home_minutes_limit']);
    expect($head->refresh()->season)->toEqual($season);
    $this
        ->get("/clients/{$head->id}/plan/terms")
        ->assertSee('value="2027-02-20"', false)
        ->assertSee('Uses left: type a whole number');
});

it('keeps stock, salon days, prices and patch tests', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->put("/clients/{$head->id}/plan/terms", [
        'salon_days' => '2027-01-20, 2027-02-17',
        'not_at_home' => ['strong-protein', 'clarifying'],
        'home_minutes_limit' => '95',
        'stock' => ['mask' => '3', 'strong-protein' => ''],
        'prices' => ['mask' => '4,5'],
        'patch_test_until' => ['mild-protein' => '2027-02-01'],
    ])->assertSessionHasNoErrors();
    expect($head->refresh()->season)->toEqual([
        'salon_days' => ['2027-01-20', '2027-02-17'],
        'not_at_home' => ['strong-protein', 'clarifying'],
        'home_minutes_limit' => 95,
        'stock' => ['mask' => 3],
        'prices' => ['mask' => 4.5],
        'patch_test_until' => ['mild-protein' => '2027-02-01'],
    ]);
    expect(plannedDays($head))->toContain('2027-01-20')->toContain('2027-02-17');
    $strong = $head
        ->planItems()
        ->where('status', 'planned')
        ->get()
        ->filter(fn (PlanItem $item): bool => collect($item->steps)->contains('kind', 'strong-protein'))
        ->map(fn (PlanItem $item): string => $item->date->format('Y-m-d'))
        ->all();
    expect(array_diff($strong, ['2027-01-20', '2027-02-17']))->toBe([]);
    $this
        ->actingAs($this->stylist)
        ->put("/clients/{$head->id}/plan/terms", ['salon_days' => '2027-01-20, soon'])
        ->assertSessionHasErrors('salon_day_list.1');
});

it('sets a day by hand with its reason, and takes it back', function (): void {
    $head = $this->aHead();
    $set = [
        'hand_date' => '2027-01-14', 'cleanse' => 'clarifying', 'passes' => '3', 'protein' => 'strong-protein',
        'mask_minutes' => '30', 'heat' => '0', 'reason' => 'The photographs are on the 15th',
    ];
    $this
        ->actingAs($this->stylist)
        ->post("/clients/{$head->id}/plan/terms/by-hand", ['reason' => ' '] + $set)
        ->assertSessionHasErrors('reason');
    $this->post(
        "/clients/{$head->id}/plan/terms/by-hand",
        ['hand_date' => '2026-01-01'] + $set,
    )->assertSessionHasErrors('hand_date');
    expect($head->refresh()->season)->toBe([]);
    $this->post("/clients/{$head->id}/plan/terms/by-hand", $set)->assertSessionHasNoErrors();
    $item = $head->planItems()->where('status', 'planned')->where('date', '2027-01-14')->firstOrFail();
    expect($item->by_hand)
        ->toBe(['reason' => 'The photographs are on the 15th', 'by' => 'Ilse'])
        ->and($item->broken)->not
        ->toBeEmpty();
    $this
        ->get("/clients/{$head->id}/plan")
        ->assertSee('by hand')
        ->assertSee('Set by hand by Ilse: The photographs are on the 15th.')
        ->assertSee('Set by hand against a rule');
    // Set anew, it stands once.
    $this->post("/clients/{$head->id}/plan/terms/by-hand", ['cleanse' => 'gentle', 'passes' => '1'] + $set);
    expect($head->refresh()->season['by_hand'])
        ->toHaveCount(1)
        ->and($head->season['by_hand'][0]['cleanse'])
        ->toBe('gentle');
    $this->delete("/clients/{$head->id}/plan/terms/by-hand/2027-01-14")->assertRedirect();
    expect($head->refresh()->season)
        ->toBe([])
        ->and($head->planItems()->where('status', 'planned')->whereNotNull('by_hand')->exists())
        ->toBeFalse();
});

it('promises the plan as it stands and releases it', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/plan/terms/promise")->assertRedirect();
    $promised = $head->refresh()->season['promised'];
    expect($promised)->not->toBeEmpty();
    // Promised, it is what the plan still says.
    $strong = collect($promised)->where('treatment', 'strong-protein')->pluck('date')->all();
    $planned = $head
        ->planItems()
        ->where('status', 'planned')
        ->get()
        ->filter(fn (PlanItem $item): bool => collect($item->steps)->contains('kind', 'strong-protein'))
        ->map(fn (PlanItem $item): string => $item->date->format('Y-m-d'))
        ->values()
        ->all();
    expect($planned)->toBe($strong);
    $this->get("/clients/{$head->id}/plan/terms")->assertSee('Take the agreement back');
    $this->delete("/clients/{$head->id}/plan/terms/promise");
    expect($head->refresh()->season)->toBe([]);
});

it('says on the season which rules clash and what would free the day', function (): void {
    $head = $this->aHead();
    $head->update(['minutes_limit' => 30]);
    app(App\Bridge\Plans\Outlooks::class)->of($head->refresh());
    $this
        ->actingAs($this->stylist)
        ->get("/clients/{$head->id}/plan")
        ->assertSee('any possible wash breaks a rule')
        ->assertSee('To change that: allow the day at least')
        ->assertSee('longer than the client has time for; nothing shorter was possible.')
        ->assertDontSee('Breaks a rule');
});

it('carries the terms in the care record, there and back', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->put(
        "/clients/{$head->id}/plan/terms",
        ['away' => [['from' => '2027-01-20', 'until' => '2027-02-05']], 'stock' => ['mask' => '2']],
    );
    $record = Nagomi\Core\Record\CareRecordReader::read((string) $this->get(
        "/clients/{$head->id}/record.json",
    )->getContent(), Parameters::shipped());
    expect($record->terms->stock)->toBe(['mask' => 2]);
    expect(app(
        App\Bridge\Clients\RecordImporter::class,
    )->record($record, $this->salon)->season)->toEqual($head->refresh()->season);
});

it('shows the terms of another salon’s head to nobody', function (): void {
    [$other, $stranger] = $this->salonWithStylist('maren@test.example');
    $head = $this->aHead();
    $this->actingAs($stranger)->get("/clients/{$head->id}/plan/terms")->assertNotFound();
    $this->put("/clients/{$head->id}/plan/terms", ['stock' => ['mask' => '0']])->assertNotFound();
    $this->post("/clients/{$head->id}/plan/terms/promise")->assertNotFound();
});

it('refuses what is never done to a child, and plans nothing of it', function (): void {
    $head = $this->aHead();
    $head->forceFill(['born_on' => '2018-05-01', 'guardian_name' => 'Somebody'])->save();
    $this->actingAs($this->stylist);
    $day = [
        'hand_date' => '2027-01-14', 'cleanse' => 'gentle', 'passes' => '1', 'mask_minutes' => '10',
        'reason' => 'asked for',
    ];
    $this->post("/clients/{$head->id}/plan/terms/by-hand", $day + ['protein' => 'strong-protein', 'heat' => '1'])
        ->assertSessionHasErrors([
            'protein' => 'Protein: no strong protein under 12 years. Choose mild protein or none.',
            'heat' => 'Heat: never under 12 years. Leave the cap or hood out.',
        ]);
    expect($head->refresh()->season['by_hand'] ?? [])->toBe([]);
    $this->post("/clients/{$head->id}/plan/terms/by-hand", $day + ['protein' => 'mild-protein', 'heat' => '0'])
        ->assertSessionHasNoErrors();
    foreach ($head->planItems()->where('status', 'planned')->get() as $item) {
        foreach ($item->steps as $step) {
            expect($step['kind'])->not->toBe('strong-protein')->and($step['heat'] ?? false)->toBeFalse();
        }
    }
    // Grown up on the day it is set for.
    $head->forceFill(['born_on' => '2015-01-14'])->save();
    $this->post("/clients/{$head->id}/plan/terms/by-hand", $day + ['protein' => 'strong-protein', 'heat' => '1'])
        ->assertSessionHasNoErrors();
});

it('goes by colour, readings and protein that are in the book', function (): void {
    $head = $this->aHead();
    $terms = fn (): PlanTerms => app(HeadRecord::class)->terms($head->refresh());
    $today = $this->salon->today();
    $head->readings()->delete();
    $head->washDays()->delete();
    $head->days()->delete();
    expect($terms()->evidence)->toEqual(new ProteinEvidence(isRecent: false));
    $head->readings()->create([
        'salon_id' => $head->salon_id, 'key' => 'feel', 'date' => $today->subDays(5)->format('Y-m-d'),
        'moment' => 'before-cleansing', 'test' => 'feel', 'raw' => ['points' => -3], 'by' => 'Ilse',
    ]);
    expect($terms()->evidence->isStiff)->toBeTrue();
    foreach ([[40, 'chemical-service'], [4, 'mild-protein']] as [$ago, $kind]) {
        $washDay = $head->washDays()->create([
            'salon_id' => $head->salon_id, 'key' => $kind, 'date' => $today->subDays($ago)->format('Y-m-d'),
            'place' => 'salon',
        ]);
        $washDay->steps()->create(['position' => 0, 'kind' => $kind, 'minutes' => 10]);
        expect($terms()->evidence->isRecent)->toBeTrue();
    }
    expect($terms()->evidence->isUnreadSinceProtein)->toBeTrue();
});

it('says first what the limits cost and what would free most, and says nothing where they cost nothing', function (): void {
    $head = $this->aHead('growing-out-bleach');
    $this->actingAs($this->stylist)->put("/clients/{$head->id}/plan/terms", [
        'salon_days' => '2027-04-30', 'not_at_home' => ['mask', 'mild-protein', 'strong-protein'],
    ])->assertSessionHasNoErrors();
    // Nobody has looked: nothing was worked out with the write.
    expect($head->outlook()->first()->limits_due)->toBeTrue();
    $this->get("/clients/{$head->id}")->assertOk();
    $limits = $head->outlook()->first()->limits;
    expect(
        $head->outlook()->first()->limits_due,
    )->toBeFalse()->and($limits[0]['limit'])->toBe('salon-only')->and($limits[0]['gained'])->toBeGreaterThanOrEqual(3.0)
        ->and($limits[0]['out'])->toEqualWithDelta($head->outlook()->first()->days_out, 0.06);
    $says = 'Within its limits about ' . round($limits[0]['out']) . ' of 84 days are out of balance. '
        . 'Letting be done at home what is for the salon only would free most: about '
        . trans_choice('limits.days', (int) round($limits[0]['gained'])) . '.';
    foreach (['', '/plan'] as $page) {
        $shown = $this->get("/clients/{$head->id}{$page}")->assertSee($says)->getContent();
        expect(strpos($shown, $says))->toBeLessThan(strpos($shown, e(Said::of($head->outlook()->first()->verdict))));
    }
    // As promised: the plan without that limit is better by as much.
    $this->put("/clients/{$head->id}/plan/terms", [
        'salon_days' => '2027-04-30', 'not_at_home' => [''],
    ])->assertSessionHasNoErrors();
    expect($head->outlook()->first()->days_out)->toEqualWithDelta($limits[0]['out'] - $limits[0]['gained'], 0.2);
    $this->get("/clients/{$head->id}")->assertDontSee('what is for the salon only');
});

it('keeps the time there is by weekday, plans within it and says what is wrong with it', function (): void {
    $head = $this->aHead();
    $terms = "/clients/{$head->id}/plan/terms";
    $this->actingAs($this->stylist);
    $this->put($terms, ['weekday_minutes' => ['mon' => '30', 'tue' => '', 'wed' => '0', 'sat' => '180']])
        ->assertSessionHasNoErrors();
    expect($head->refresh()->season)->toEqual(['weekday_minutes' => ['mon' => 30, 'wed' => 0, 'sat' => 180]]);
    foreach (plannedDays($head) as $day) {
        expect((new DateTimeImmutable($day))->format('D'))->not->toBe('Wed')->not->toBe('Mon');
    }
    $this->get($terms)->assertSee('name="weekday_minutes[mon]"', false)->assertSee('Time by weekday');
    foreach (
        [
            ['weekday_minutes' => ['mon' => '5']],
            ['weekday_minutes' => ['mon' => '481']],
            ['weekday_minutes' => ['mon' => 'long']],
            ['weekday_minutes' => ['noday' => '50']],
            ['weekday_minutes' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], '0')],
        ] as $wrong
    ) {
        $this->from($terms)->put($terms, $wrong)->assertRedirect($terms)->assertSessionHasErrors();
    }
    $this->from($terms)->put($terms, ['weekday_minutes' => ['mon' => '5']]);
    $this->get($terms)->assertSee('value="5"', false)->assertSee('0 where hair is not washed on that day');
    expect($head->refresh()->season)->toEqual(['weekday_minutes' => ['mon' => 30, 'wed' => 0, 'sat' => 180]]);
});
