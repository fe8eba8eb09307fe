<?php

declare(strict_types=1);

/* The strand of a client is named by most of its hair, and drawn so that more of a measure never looks like less. */

use App\Drawings\StrandPortrait;
use App\Models\Head;
use App\Models\Outlook;
use App\Models\ZonePart;

/** @param list<string> $porosities by zone */
function portraitHead(array $porosities = [], ?float $ringMm = 12.0, ?float $strandUm = 70.0, float $wear = 0.0): Head
{
    $head = (new Head())->forceFill([
        'id' => '01m8aaaaaaaaaaaaaaaaaaaaaa', 'ring_mm' => $ringMm, 'strand_um' => $strandUm,
        'bends_without_ring' => false,
    ]);
    $head->setRelation('zoneParts', collect(array_map(
        fn (string $porosity): ZonePart => (new ZonePart())->forceFill(['porosity' => $porosity]),
        $porosities,
    )));
    $head->setRelation('outlook', (new Outlook())->forceFill([
        'standing' => [
            ['share' => 0.25, 'wear' => [0.0, 1.0]], ['share' => 0.75, 'wear' => [$wear / 0.75, 1.0]],
        ],
    ]));

    return $head;
}

it('is named by most of its zones, and by the higher porosity where they are as many', function (): void {
    $says = fn (string ...$zones): string => StrandPortrait::of(portraitHead($zones))->says;
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
        preg_match_all('/([\d.]+) ([\d.]+)/', StrandPortrait::of(portraitHead(ringMm: (float) $ring))->path, $points);
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
        fn (int $um): float => StrandPortrait::of(portraitHead(strandUm: (float) $um))->weight,
        [30, 45, 60, 80, 100, 150],
    );
    $nicks = array_map(
        fn (int $wear): int => count(StrandPortrait::of(portraitHead(wear: (float) $wear))->nicks),
        [0, 5, 10, 20, 40, 80],
    );
    $rising = function (array $values): array {
        sort($values);

        return $values;
    };
    expect($weights)->toBe($rising($weights))->and($nicks)->toBe($rising($nicks))->and(max($nicks))->toBe(6);
});
