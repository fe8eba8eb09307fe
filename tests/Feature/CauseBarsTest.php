<?php

declare(strict_types=1);

/* The bars of what changed: one scale, one line of nothing, both ways. */

use App\Drawings\CauseBars;

it('draws what was given and what was taken from one line, on one scale', function (): void {
    $bars = CauseBars::of([[-50.0, -100.0], [100.0, 0.0], [20.0, 50.0]]);
    // 200 px for −100 to 100.
    expect($bars->zero)->toBe(100.0)
        ->and($bars->bars[0])->toBe(['before' => [50.0, 50.0], 'lately' => [0.0, 100.0]])
        ->and($bars->bars[1])->toBe(['before' => [100.0, 100.0], 'lately' => [100.0, 0.0]])
        ->and($bars->bars[2])->toBe(['before' => [100.0, 20.0], 'lately' => [100.0, 50.0]]);
});

it('draws nothing without dividing by it', function (): void {
    expect(CauseBars::of([])->bars)->toBe([])->and(CauseBars::of([[0.0, 0.0]])->bars[0]['lately'])->toBe([0.0, 0.0]);
});

it('names what changed for the worse in the reader’s language, and all that moved beside it', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    foreach ([3, 10, 60] as $days) {
        $this->post(
            "/clients/{$head->id}/wash-days",
            [
                'date' => now('Europe/Lisbon')->subDays($days)->format('Y-m-d'), 'place' => 'home',
                'tool' => 'comb', 'detangling' => 'wet-with-slip', 'cleanse' => 'shampoo',
            ],
        )->assertSessionHasNoErrors();
    }
    $html = fn (): string => (string) $this->get("/clients/{$head->id}/history/cause?of=dryness")->getContent();
    $english = $html();
    expect(substr_count($english, 'class="cause-lately"'))->toBeGreaterThanOrEqual(2)
        ->and($english)->toContain('What gave moisture and what took it', 'breakage');
    $this->stylist->update(['language' => 'es']);
    $spanish = $this->actingAs($this->stylist->fresh())
        ->get("/clients/{$head->id}/history/cause?of=dryness")->getContent();
    expect($spanish)->toContain('sequedad', 'rotura', 'Lo que dio hidratación')->not->toContain('>dryness<');
});
