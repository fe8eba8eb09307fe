<?php

declare(strict_types=1);


/** @return list<string> */

use App\Models\PlanItem;
use Nagomi\Core\Parameters\Parameters;

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
    $this->get("/clients/{$head->id}/plan/terms")->assertSee('stand promised');
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
        ->assertSee('the rules leave no way open')
        ->assertSee('To free it: allow the day at least');
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
