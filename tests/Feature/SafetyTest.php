<?php

declare(strict_types=1);

use App\Models\Clearance;
use App\Models\PlanItem;

it('bars what a red sign bars until a named person has cleared it on a day', function (): void {
    $head = $this->aHead('growing-out-bleach');
    $this
        ->actingAs($this->stylist)
        ->post("/clients/{$head->id}/safety-flags", ['sign' => 'red', 'seen' => ''])
        ->assertSessionHasErrors('seen');
    $this->post(
        "/clients/{$head->id}/safety-flags",
        ['sign' => 'red', 'seen' => 'A weeping patch behind the left ear'],
    )->assertSessionHasNoErrors();
    $barred = fn (): bool => $head->planItems()->where('status', 'planned')->get()->contains(
        fn (PlanItem $item): bool => collect($item->steps)->contains(
            fn (array $step): bool => in_array($step['kind'], ['strong-protein', 'mild-protein'], true)
                || in_array($step['cleanse'] ?? '', ['clarifying', 'chelating'], true)
                || ($step['heat'] ?? false),
        ),
    );
    expect($head->refresh()->red_sign)->toBeTrue()->and($barred())->toBeFalse();
    $this->get("/clients/{$head->id}")->assertSee('refer to a clinician before any treatment')->assertSee('Clear it');
    // What was seen is a health note: it stands encrypted.
    expect(Illuminate\Support\Facades\DB::table('clearances')->value('seen'))->not
        ->toContain('weeping')
        ->and(Clearance::query()->first()->seen)
        ->toContain('weeping');
    $this->put(
        "/clients/{$head->id}/safety-flags",
        ['sign' => 'red', 'cleared_by' => '', 'cleared_on' => '2027-02-31'],
    )->assertSessionHasErrors(['cleared_by', 'cleared_on']);
    expect($head->refresh()->red_sign)->toBeTrue();
    $this->put(
        "/clients/{$head->id}/safety-flags",
        ['sign' => 'red', 'cleared_by' => 'Dr Amparo Winterhalter', 'cleared_on' => '2027-01-08'],
    )->assertSessionHasNoErrors();
    expect($head->refresh()->red_sign)->toBeFalse()->and($barred())->toBeTrue();
    $this->get("/clients/{$head->id}")->assertSee('cleared by Dr Amparo Winterhalter on 8 Jan 2027');
});

it('clears a sore scalp that the intake noted, and keeps who did', function (): void {
    $head = $this->aHead();
    $head->update(['sore_scalp' => true]);
    $this
        ->actingAs($this->stylist)
        ->put(
            "/clients/{$head->id}/safety-flags",
            ['sign' => 'sore', 'cleared_by' => 'Her clinic', 'cleared_on' => '2027-01-09'],
        )
        ->assertSessionHasNoErrors();
    expect($head->refresh()->sore_scalp)
        ->toBeFalse()
        ->and(Clearance::query()->where('head_id', $head->id)->first()->cleared_by)
        ->toBe('Her clinic');
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this
        ->actingAs($stranger)
        ->put(
            "/clients/{$head->id}/safety-flags",
            ['sign' => 'sore', 'cleared_by' => 'Nobody', 'cleared_on' => '2027-01-09'],
        )
        ->assertNotFound();
});

it('looks for a cause in what changed, ranks it and says one thing to change', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    foreach ([5, 12, 19] as $days) {
        $this->post(
            "/clients/{$head->id}/wash-days",
            [
                'date' => now('Europe/Lisbon')->subDays($days)->format('Y-m-d'),
                'place' => 'home',
                'tool' => 'comb',
                'detangling' => 'wet-with-slip',
                'heat_tool' => 'high',
            ],
        )->assertSessionHasNoErrors();
    }
    $this
        ->get("/clients/{$head->id}/history/cause?of=breakage")
        ->assertOk()
        ->assertSeeInOrder([
            'Leave the heat tool out for three wash days',
            'Heat tool', 'Changed for the worse', 'never, then 3 times',
            'Questions to ask',
            'What is the hair slept on',
        ]);
    $this->get("/clients/{$head->id}/history/cause?of=dryness")->assertOk();
    $this->get("/clients/{$head->id}/history/cause?of=nonsense")->assertOk()->assertSee('dryness');
});
