<?php

declare(strict_types=1);

/* What was told of a wash at home is believed by the client's own habits, and the page says how far. */

use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\StoredSnapshots;
use App\Models\Head;
use Tests\Feature\FeatureTestCase;

/** Ten weeks at home with a rinse-out conditioner, one of them told of without, and at last a mask. */
function tellsOfTenWeeks(FeatureTestCase $test, Head $head): void
{
    $test->actingAs($test->stylist);
    foreach (range(10, 0) as $weeks) {
        $test->post("/clients/{$head->id}/wash-days", [
            'date' => now('Europe/Lisbon')->subWeeks($weeks)->subDay()->format('Y-m-d'), 'place' => 'home',
            'cleanse' => 'gentle', 'passes' => '1', 'tool' => 'comb', 'detangling' => 'wet-with-slip',
        ] + match ($weeks) {
            0 => ['conditioning' => 'mask', 'conditioning_minutes' => '20'],
            4 => [],
            default => ['conditioning' => 'conditioner', 'conditioning_minutes' => '3'],
        })->assertSessionHasNoErrors();
    }
}

it('says how likely a mask is that is told of by somebody who never has one, and what was assumed', function (): void {
    $head = $this->aHeadWithoutPast();
    tellsOfTenWeeks($this, $head);
    $html = (string) $this->get("/clients/{$head->id}/history/ledger?weeks=12")->assertOk()->getContent();
    preg_match('/Mask \(told; (\d+) % likely done as told\)/', $html, $says);
    expect((int) ($says[1] ?? 0))->toBeGreaterThan(40)->toBeLessThan(85)
        ->and($html)->toContain('Assumed: conditioned after the cleanse, as nobody said')
        // Ten conditioners in ten weeks need no word.
        ->not->toContain('Rinse-out conditioner (told');
    $this->stylist->update(['language' => 'es']);
    $this->actingAs($this->stylist->fresh())->get("/clients/{$head->id}/history/ledger?weeks=12")
        ->assertSee("{$says[1]} % probable que así fuera");
});

it('comes to the same day by day as in one go, and goes on where a release before kept no habits', function (): void {
    $head = $this->aHeadWithoutPast();
    tellsOfTenWeeks($this, $head);
    $stands = fn (): array => [
        $head->outlook()->first()->standing[0]['moisture'], $head->outlook()->first()->standing[0]['protein'],
    ];
    $byDay = $stands();
    $habits = $head->days()->orderByDesc('date')->first()->habits;
    expect($habits)->not->toBeNull()->and($head->days()->whereNull('habits')->count())->toBe(0);
    app(StoredSnapshots::class)->forget($head, null);
    app(Outlooks::class)->of($head->refresh());
    expect($stands())->toEqual($byDay)->and($head->days()->orderByDesc('date')->first()->habits)->toBe($habits);

    $head->days()->update(['habits' => null]);
    $this->post("/clients/{$head->id}/wash-days", [
        'date' => now('Europe/Lisbon')->format('Y-m-d'), 'place' => 'home', 'cleanse' => 'gentle', 'passes' => '1',
        'tool' => 'comb', 'detangling' => 'wet-with-slip',
    ])->assertSessionHasNoErrors();
    expect($head->days()->whereNotNull('habits')->count())->toBe(1);
    $this->get("/clients/{$head->id}/history/ledger")->assertOk();
});
