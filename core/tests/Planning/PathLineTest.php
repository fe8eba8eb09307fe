<?php

declare(strict_types=1);

/* A row of steps on drawn paths, worked out once: the same as step by step, also where the scale ends. */

use Nagomi\Core\Planning\PathLine;
use Nagomi\Core\Planning\Paths;
use Nagomi\Core\Planning\PathValues;
use Nagomi\Core\Statistics\SeededRandom;

it('comes to the same as the steps one by one, whatever they start from', function (): void {
    $random = new SeededRandom(20261201);
    $count = 40;
    $ends = 0;
    for ($round = 0; $round < 200; $round++) {
        $line = new PathLine($count);
        $starts = $values = [];
        for ($n = 0; $n < 5; $n++) {
            $starts[$n] = array_map(
                static fn (): float => $random->between(0, 1000) / 10.0,
                array_fill(0, $count, null),
            );
            $values[$n] = new PathValues($starts[$n]);
        }
        for ($step = 0; $step < 6; $step++) {
            $scale = $shift = [];
            for ($path = 0; $path < $count; $path++) {
                // On some paths nothing is done; some scales turn around.
                if ($random->between(0, 3) > 0) {
                    $scale[$path] = $random->between(-300, 1500) / 1000.0;
                    $shift[$path] = $random->between(-400, 400) / 10.0;
                }
            }
            $line->then($scale, $shift);
            foreach ($values as $one) {
                $one->then($scale, $shift);
            }
        }
        foreach ($starts as $n => $of) {
            foreach ($line->on($of) as $path => $value) {
                expect($value)->toEqualWithDelta($values[$n]->values[$path], 1e-9);
                $ends += (int) ($value === 0.0 || $value === 100.0);
            }
        }
    }
    expect($ends)->toBeGreaterThan(1000);
});

it('is asked for some paths alone', function (): void {
    $line = new PathLine(3);
    $line->then([0 => 0.5, 2 => 2.0], [0 => 1.0, 2 => 0.0]);

    expect($line->on([0 => 10.0, 1 => 20.0, 2 => 60.0]))->toBe([0 => 6.0, 1 => 20.0, 2 => 100.0])
        ->and($line->on([1 => 7.0]))->toBe([1 => 7.0]);
});

it('leaves out paths, and all that was not asked for', function (): void {
    $paths = new Paths([[1.0, 2.0, 3.0]], [[4.0, 5.0, 6.0]], [[7.0, 8.0, 9.0]], [[0.0, 1.0, 2.0]]);

    expect($paths->only('build-up')->without([0, 2]))->toEqual(new Paths([], [], [[1 => 8.0]], [[1 => 1.0]]))
        ->and($paths->only('moisture'))->toEqual(new Paths([[1.0, 2.0, 3.0]], [], [], []))
        ->and($paths->only('protein')->without([]))->toEqual(new Paths([], [[4.0, 5.0, 6.0]], [], []));
});
