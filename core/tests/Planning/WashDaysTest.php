<?php

declare(strict_types=1);


/** @return list<int> */

use Nagomi\Core\Planning\FixedWashDay;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\PossibleWashDays;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WeekTime;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

function daysFrom(array $history = [], ?PlanTerms $terms = null, int $every = 7, int $horizon = 28): array
{
    return PossibleWashDays::of(Make::head(every: $every), $history, $terms ?? new PlanTerms(), Make::day(), $horizon);
}

it('follows the client’s rhythm from the last wash', function (string $last, int $every, array $days): void {
    expect(daysFrom([Make::washDay($last, Make::usualWash())], every: $every))->toBe($days);
})->with([
    'washed yesterday' => ['2026-03-01', 7, [6, 13, 20, 27]],
    'washed today: not again today' => ['2026-03-02', 7, [7, 14, 21, 28]],
    'a week ago: today' => ['2026-02-23', 7, [0, 7, 14, 21, 28]],
    'long overdue: today' => ['2026-01-01', 7, [0, 7, 14, 21, 28]],
    'every other day' => ['2026-03-01', 2, [1, 3, 5, 7, 9, 11, 13, 15, 17, 19, 21, 23, 25, 27]],
    'every fifth week' => ['2026-03-01', 35, [34]],
]);

it('starts today where nothing was written down, and leaves out what was no wash', function (): void {
    expect(daysFrom())->toBe([0, 7, 14, 21, 28])
        ->and(daysFrom(
            [Make::washDay('2026-03-01', [new Step(StepKind::Swim, how: 'sea')])],
        ))->toBe([0, 7, 14, 21, 28]);
});

it('goes before an absence where it can, and after it where it must', function (array $away, array $days): void {
    $terms = new PlanTerms(away: array_map(
        fn (array $absence): array => [Make::day($absence[0]), Make::day($absence[1])],
        $away,
    ));
    expect(daysFrom([Make::washDay('2026-03-02', Make::usualWash())], $terms))->toBe($days);
})->with([
    'a weekend on the due day' => [[['2026-03-08', '2026-03-10']], [5, 12, 19, 26]],
    'from tomorrow for ten days' => [[['2026-03-03', '2026-03-12']], [11, 18, 25]],
    'all but the last day' => [[['2026-03-03', '2026-03-29']], [28]],
    'two absences' => [[['2026-03-09', '2026-03-09'], ['2026-03-14', '2026-03-16']], [6, 11, 18, 25]],
]);

it('loses no fixed day where the wash before it is put off, and washes on no day beside it', function (): void {
    // Washed long ago, Monday 2 March is today: due today, closed today, booked on Wednesday.
    $closed = new PlanTerms(salonDays: [Make::day('2026-03-04')], week: new WeekTime([1 => 0]));
    expect(daysFrom([Make::washDay('2026-01-01', Make::usualWash())], $closed, every: 2, horizon: 6))->toBe([2, 4, 6]);
    // Away from the fourth day to the thirteenth, but for a day that is booked.
    $away = new PlanTerms(
        away: [[Make::day('2026-03-05'), Make::day('2026-03-15')]],
        salonDays: [Make::day('2026-03-14')],
    );
    expect(daysFrom([Make::washDay('2026-03-01', Make::usualWash())], $away))->toContain(12);
});

it('takes booked days and days set by hand for wash days, and counts the rhythm on from them', function (): void {
    $byHand = new FixedWashDay(
        Make::day('2026-03-11'),
        new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, 25.0),
        'her day',
    );
    $history = [Make::washDay('2026-03-02', Make::usualWash())];
    expect(daysFrom($history, new PlanTerms(byHand: [$byHand])))->toBe([9, 16, 23])
        ->and(daysFrom(
            $history,
            new PlanTerms(salonDays: [Make::day('2026-03-06'), Make::day('2026-03-18')]),
        ))->toBe([4, 11, 16, 23])
        // Booked twice is booked once; what has been is no day ahead.
        ->and(daysFrom(
            $history,
            new PlanTerms(salonDays: [Make::day('2026-03-09'), Make::day('2026-03-09'), Make::day('2026-02-20')]),
        ))->toBe([7, 14, 21, 28]);
});
