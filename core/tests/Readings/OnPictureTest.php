<?php

declare(strict_types=1);


/** @return list<array{float, float}> points on a circle */

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\PictureMeasure;
use Nagomi\Core\Statistics\SeededRandom;

function onCircle(float $x, float $y, float $radius, float ...$degrees): array
{
    return array_values(array_map(
        fn (float $at): array => [$x + $radius * cos(deg2rad($at)), $y + $radius * sin(deg2rad($at))],
        $degrees,
    ));
}

it('finds the circle through three taps wherever they lie on it', function (array $degrees): void {
    // 85.60 mm, the long side of an identity card (ISO/IEC 7810 ID-1; from memory), 342.4 px long: 4 px a millimetre.
    [$diameter, $sd] = (new PictureMeasure(Parameters::shipped()->readings->tapMissPx))->ringMm(
        [[50.0, 20.0], [392.4, 20.0]],
        85.6,
        onCircle(300, 200, 30, ...$degrees),
    );
    expect($diameter)->toEqualWithDelta(15.0, 1e-9)->and($sd)->toBeGreaterThan(0.3);
})->with([[[0.0, 120.0, 240.0]], [[10.0, 100.0, 190.0]], [[0.0, 60.0, 130.0]]]);

it('is as unsure as the same taps missed again and again are', function (array $degrees): void {
    $scale = [[50.0, 20.0], [392.4, 20.0]];
    $ring = onCircle(300, 200, 40, ...$degrees);
    [, $sd] = (new PictureMeasure(1.5))->ringMm($scale, 85.6, $ring);
    $chance = new SeededRandom(4);
    $miss = fn (array $tap): array => [$tap[0] + $chance->normal(0, 1.5), $tap[1] + $chance->normal(0, 1.5)];
    $values = array_map(
        fn (): float => (new PictureMeasure(0.0))->ringMm(array_map($miss, $scale), 85.6, array_map($miss, $ring))[0],
        range(1, 4000),
    );
    $mean = array_sum($values) / 4000;
    $played = sqrt(array_sum(array_map(fn (float $value): float => ($value - $mean) ** 2, $values)) / 3999);
    expect($sd / $played)->toBeGreaterThan(0.9)->toBeLessThan(1.1);
})->with([[[0.0, 120.0, 240.0]], [[0.0, 70.0, 140.0]]]);

it('measures a length beside a scale, and doubts a short one more', function (): void {
    $picture = new PictureMeasure(Parameters::shipped()->readings->tapMissPx);
    [$length, $sd] = $picture->lengthMm([[0.0, 0.0], [0.0, 300.0]], 150.0, [[10.0, 10.0], [310.0, 410.0]]);
    expect($length)->toEqualWithDelta(250.0, 1e-9);
    expect(
        $picture->lengthMm([[0.0, 0.0], [0.0, 300.0]], 150.0, [[10.0, 10.0], [40.0, 50.0]])[1] / 25,
    )->toBeGreaterThan($sd / 250);
});

it('refuses taps that make no ring, no length or no scale', function (array $scale, array $ring): void {
    (new PictureMeasure(3.0))->ringMm($scale, 10.0, $ring);
})->throws(InvalidArgumentException::class)->with([
    'on a line' => [[[0.0, 0.0], [100.0, 0.0]], [[0.0, 0.0], [50.0, 0.4], [100.0, 0.0]]],
    'one on another' => [[[0.0, 0.0], [100.0, 0.0]], [[0.0, 0.0], [1.0, 1.0], [100.0, 40.0]]],
    'a scale of nothing' => [[[0.0, 0.0], [1.0, 0.0]], [[0.0, 0.0], [50.0, 50.0], [100.0, 0.0]]],
]);
