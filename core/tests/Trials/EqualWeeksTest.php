<?php

declare(strict_types=1);

/* What is behind a change: spans of as many days, time shared out by day, nothing named that chance does as well. */

use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Trials\CauseChange;
use Nagomi\Core\Trials\EqualWeeks;
use Nagomi\Core\Trials\PermutationTest;

function weeksUntil(string $today = '2026-03-02', int $weeks = 6): EqualWeeks
{
    return new EqualWeeks(Make::day($today), $weeks);
}

/** @return list<array{string, float, float}> cause, before and lately */
function worse(EqualWeeks $weeks, int $side = -1, float $least = 0.5, float $byChance = 1.0): array
{
    return array_map(
        fn (CauseChange $one): array => [$one->cause, round($one->before, 6), round($one->lately, 6)],
        $weeks->worsened($side, $least, $byChance),
    );
}

it('compares spans of as many days, to the day', function (int $ago, ?string $in): void {
    $weeks = weeksUntil();
    $weeks->done('mask', Make::day('2026-03-02')->modify("-{$ago} days"), -1.0);
    [$before, $lately] = match ($in) {
        'lately' => [0.0, -1.0],
        'before' => [-1.0, 0.0],
        default => [0.0, 0.0],
    };
    expect(worse($weeks, least: -9.0))->toBe($in === null ? [] : [['mask', $before, $lately]]);
})->with([[0, 'lately'], [41, 'lately'], [42, 'before'], [83, 'before'], [84, null], [-1, null]]);

it('shares what passed out by its days, whichever span its line is written in', function (): void {
    // Eighty-four days that fade evenly, written down in lines of any length: nothing changed.
    $weeks = weeksUntil();
    $evening = Make::day('2026-03-02')->modify('-100 days');
    foreach ([3, 20, 1, 35, 14, 27] as $days) {
        $until = $evening->modify("+{$days} days");
        $weeks->passed('days', $evening, $until, -0.5 * $days);
        $evening = $until;
    }
    expect($evening->format('Y-m-d'))->toBe('2026-03-02')
        ->and(worse($weeks, least: -1.0))->toBe([['days', -21.0, -21.0]])
        ->and($weeks->worsened(-1, -1.0, 1.0)[0]->timesLately)->toBe(0)
        ->and(worse($weeks))->toBe([]);
});

it('names the largest first, on the side that is for the worse, and counts how often', function (): void {
    $weeks = weeksUntil();
    foreach ([1, 8, 15, 22, 29, 36] as $ago) {
        $weeks->done('heat-tool', Make::day('2026-03-02')->modify("-{$ago} days"), 1.5);
        $weeks->done('detangle', Make::day('2026-03-02')->modify("-{$ago} days"), 0.4);
        $weeks->done('trim', Make::day('2026-03-02')->modify("-{$ago} days"), -2.0);
    }
    $named = $weeks->worsened(1, 0.5, 0.1);
    expect(array_map(fn (CauseChange $one): string => $one->cause, $named))->toBe(['heat-tool', 'detangle'])
        ->and([$named[0]->timesBefore, $named[0]->timesLately])->toBe([0, 6])
        ->and($named[0]->byChance)->toEqualWithDelta(1 / 924, 1e-12)
        ->and($named[0]->change())->toBe(9.0)
        ->and(worse($weeks, 1, 3.0))->toBe([['heat-tool', 0.0, 9.0]]);
});

it('names nothing that its own weeks vary as far by themselves', function (): void {
    // Masks now and then, as many on average all the time: one time in ten is as much as chance may have.
    $chance = new SeededRandom(11);
    $named = 0;
    for ($life = 0; $life < 400; $life++) {
        $weeks = weeksUntil();
        for ($ago = 0; $ago < 84; $ago++) {
            if ($chance->happens(0.15)) {
                $weeks->done('mask', Make::day('2026-03-02')->modify("-{$ago} days"), 3.0 + $chance->uniform());
            }
        }
        $named += count($weeks->worsened(-1, 0.5, 0.1));
    }
    expect($named / 400)->toBeGreaterThan(0.04)->toBeLessThan(0.13);
});

it('deals every way there is: the same as counting them', function (): void {
    // Six of twelve, one to twelve: 924 ways (binomial coefficient), the largest sum in one of them.
    expect(PermutationTest::byChance([1, 2, 3, 4, 5, 6], [7, 8, 9, 10, 11, 12], 1))->toEqualWithDelta(1 / 924, 1e-12)
        ->and(PermutationTest::byChance([1, 2, 3, 4, 5, 6], [7, 8, 9, 10, 11, 12], -1))->toBe(1.0)
        ->and(PermutationTest::byChance([0, 0, 0], [0, 0, 0], 1))->toBe(1.0)
        // Of three and three, all three of three that are not nothing on one side: 1 of 20.
        ->and(PermutationTest::byChance([0, 0, 0], [2, 2, 2], 1))->toEqualWithDelta(1 / 20, 1e-12);
});

it('refuses spans and numbers it cannot deal', function (): void {
    expect(fn () => weeksUntil(weeks: 2))->toThrow(InvalidArgumentException::class)
        ->and(fn () => weeksUntil(weeks: 9))->toThrow(InvalidArgumentException::class)
        ->and(fn () => PermutationTest::byChance(array_fill(0, 9, 1.0), [1.0], 1))
        ->toThrow(InvalidArgumentException::class)
        ->and(fn () => PermutationTest::byChance([1.0], array_fill(0, 9, 1.0), 1))
        ->toThrow(InvalidArgumentException::class)
        ->and(fn () => PermutationTest::byChance([], [1.0], 1))->toThrow(InvalidArgumentException::class)
        ->and(fn () => PermutationTest::byChance([1.0], [], 1))->toThrow(InvalidArgumentException::class)
        ->and(PermutationTest::byChance(array_fill(0, 8, 1.0), array_fill(0, 8, 1.0), 1))->toBe(1.0);
});

it('tells all that moved anything, what moved most first, whichever way', function (): void {
    $weeks = weeksUntil();
    $weeks->done('mask', Make::day('2026-03-01'), 12.0);
    $weeks->done('shampoo', Make::day('2026-03-01'), -3.0);
    $weeks->done('shampoo', Make::day('2026-01-10'), -4.0);
    $weeks->passed('days', Make::day('2026-01-10'), Make::day('2026-02-28'), -49.0);
    $told = $weeks->changes(-1);
    expect(array_column($told, 'cause'))->toBe(['days', 'mask', 'shampoo'])
        ->and(array_map(fn (CauseChange $one): float => round($one->furthest(), 6), $told))->toBe([40.0, 12.0, 4.0])
        ->and([$told[2]->timesBefore, $told[2]->timesLately])->toBe([1, 1]);
});
