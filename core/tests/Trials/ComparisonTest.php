<?php

declare(strict_types=1);

use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Trials\PermutationTest;

it('says of a perfect half-head trial of four days that chance does it one time in eight', function (): void {
    $trial = PermutationTest::paired([5.0, 4.0, 6.0, 5.0], [6.0, 6.0, 7.0, 7.0]);
    expect($trial->difference)->toBe(1.5)->and($trial->p)->toBe(0.125)->and($trial->isPerfect)->toBeTrue()
        ->and($trial->interval[0])
            ->toBeGreaterThan(0.9)
            ->and($trial->interval[1])
            ->toBeLessThan(2.1)
            ->and($trial->count)
            ->toBe(4);
});

it('finds nothing where nothing is, and the same either way round', function (): void {
    $same = PermutationTest::apart([5.0, 6.0, 4.0], [5.0, 6.0, 4.0]);
    expect($same->difference)
        ->toBe(0.0)
        ->and($same->p)
        ->toBe(1.0)
        ->and($same->interval[0])
        ->toBeLessThan(0.0)
        ->and($same->interval[1])
        ->toBeGreaterThan(0.0);
    $one = PermutationTest::apart([5.0, 4.0, 6.0, 5.0], [7.0, 8.0, 6.5]);
    $other = PermutationTest::apart([7.0, 8.0, 6.5], [5.0, 4.0, 6.0, 5.0]);
    expect($one->p)
        ->toEqualWithDelta($other->p, 1e-12)
        ->and($one->difference)
        ->toEqualWithDelta(-$other->difference, 1e-12)
        ->and($one->interval[0])->toEqualWithDelta(-$other->interval[1], 1e-6);
});

it('holds the true difference in about four trials of five, and cries wolf no more often than it says', function (): void {
    $chance = new SeededRandom(8);
    $held = $wolf = 0;
    for ($trial = 0; $trial < 400; $trial++) {
        $first = array_map(fn (): float => $chance->normal(5, 1), range(1, 6));
        $second = array_map(fn (): float => $chance->normal(6, 1), range(1, 6));
        $told = PermutationTest::paired($first, $second);
        $held += $told->interval[0] <= 1.0 && 1.0 <= $told->interval[1] ? 1 : 0;
        $wolf += PermutationTest::paired(
            $first,
            array_map(fn (): float => $chance->normal(5, 1), range(1, 6)),
        )->p <= 0.1
            ? 1
            : 0;
    }
    expect($held / 400)->toBeGreaterThan(0.75)->toBeLessThan(0.88)->and($wolf / 400)->toBeLessThan(0.13);
});

it('refuses what is too little to tell or too much to enumerate', function (callable $of): void {
    expect($of)->toThrow(InvalidArgumentException::class);
})->with([
    [fn () => PermutationTest::paired([1.0, 2.0], [2.0, 3.0])],
    [fn () => PermutationTest::paired(array_fill(0, 15, 1.0), array_fill(0, 15, 2.0))],
    [fn () => PermutationTest::paired([1.0, 2.0, 3.0], [2.0, 3.0])],
    [fn () => PermutationTest::apart([1.0, 2.0], [2.0, 3.0, 4.0])],
    [fn () => PermutationTest::apart(array_fill(0, 9, 1.0), [2.0, 3.0, 4.0])],
]);
