<?php

declare(strict_types=1);

/* The strand of a client is named by most of its hair, and drawn so that more of a measure never looks like less. */

use App\Drawings\StrandPortrait;
use Tests\Feature\DrawnHeads;
use Tests\Feature\PathPoints;

it('is named by most of its zones, and by the higher porosity where they are as many', function (): void {
    $says = fn (string ...$zones): string => StrandPortrait::of(DrawnHeads::head($zones))->words->say();
    // By the mean two high zones of eight would have been medium.
    expect($says('low', 'low', 'low', 'low', 'low', 'low', 'high', 'high'))->toContain('low porosity')
        ->and($says('medium', 'high', 'high', 'high', 'low'))->toContain('high porosity')
        ->and($says('low', 'low', 'high', 'high'))->toContain('high porosity')
        ->and($says('low', 'medium', 'medium', 'high'))->toContain('medium porosity')
        ->and($says())->not->toContain('low porosity');
});

it('draws a wider ring as wide or wider from turn to turn', function (): void {
    $before = 0.0;
    foreach ([4, 6, 9, 13, 18, 24, 30, 35, 36, 45, 60, 90] as $ring) {
        $path = StrandPortrait::of(DrawnHeads::head(ringMm: (float) $ring))->path;
        preg_match_all('/([\d.]+) ([\d.]+)/', PathPoints::absolute($path), $points);
        // From one crest to the next: how often it goes up and down within its place.
        $heights = array_map(floatval(...), $points[2]);
        $middle = array_sum($heights) / count($heights);
        $crossings = 0;
        foreach ($heights as $i => $height) {
            $crossings += $i > 0 && ($height < $middle) !== ($heights[$i - 1] < $middle) ? 1 : 0;
        }
        $xs = array_map(floatval(...), $points[1]);
        $turn = 2 * (max($xs) - min($xs)) / max(1, $crossings);
        expect($turn)->toBeGreaterThanOrEqual($before - 3.0, "{$ring} mm");
        $before = max($before, $turn);
    }
});

it('draws a thicker strand thicker, and more wear with more nicks, by all of the hair', function (): void {
    $weights = array_map(
        fn (int $um): float => StrandPortrait::of(DrawnHeads::head(strandUm: (float) $um))->weight,
        [30, 45, 60, 80, 100, 150],
    );
    $nicks = array_map(
        fn (int $wear): int => count(StrandPortrait::of(DrawnHeads::head(wear: (float) $wear))->nicks),
        [0, 5, 10, 20, 40, 80],
    );
    $rising = function (array $values): array {
        sort($values);

        return $values;
    };
    expect($weights)->toBe($rising($weights))->and($nicks)->toBe($rising($nicks))->and(max($nicks))->toBe(6);
});
