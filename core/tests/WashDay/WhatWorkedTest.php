<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\WashDay\WhatWorked;

/** @param list<array{float, list<string>}> $days */
function worked(array $days): WhatWorked
{
    return WhatWorked::of(
        array_map(fn (array $day): array => ['score' => $day[0], 'with' => $day[1]], $days),
        Parameters::shipped()->washDay,
    );
}

it('says nothing of too few days, or of days that are all alike', function (array $days): void {
    $worked = worked($days);
    expect($worked->wentWithBest())->toBe([])->and($worked->times('A'))->toBeNull()
        ->and($worked->timesOfOthers('A'))->toBeNull();
})->with([
    'none' => [[]],
    'one' => [[[9.0, ['A']]]],
    'three' => [[[9.0, ['A']], [2.0, []], [1.0, []]]],
]);

it('names what was part of most of the best days and of fewer of the others', function (): void {
    $days = [
        [9.0, ['A', 'B', 'A']], [8.0, ['A', 'B']], [7.0, ['B', 'C']], [3.0, ['B']], [2.0, ['B']], [1.0, ['B', 'A']],
        [1.0, ['C']],
    ];
    $worked = worked($days);
    // A third of seven, rounded up: three days.
    expect($worked->best)->toBe(3)->and($worked->others)->toBe(4)->and($worked->times('A'))->toBe(2)
        ->and($worked->times('B'))->toBe(3)->and($worked->times('C'))->toBe(1)->and($worked->times('D'))->toBe(0)
        ->and($worked->timesOfOthers('B'))->toBe(3)->and($worked->timesOfOthers('D'))->toBe(0)
        ->and($worked->wentWithBest())->toBe(['A', 'B']);
    shuffle($days);
    $again = worked($days)->wentWithBest();
    sort($again);
    expect($again)->toBe(['A', 'B']);
});

it('does not credit what was part of every day', function (): void {
    $days = [[9.0, ['A', '7']], [8.0, ['A', '7']], [2.0, ['A']], [1.0, ['A']]];
    expect(worked($days)->wentWithBest())->toBe(['7']);
});

it('takes days as good as the last of the best as best', function (): void {
    expect(worked([[5.0, ['A']], [5.0, ['A']], [5.0, ['B']], [1.0, ['B']]])->best)->toBe(3);
    // All alike: then none stands out.
    expect(worked(array_fill(0, 6, [5.0, ['A']]))->wentWithBest())->toBe([]);
});
