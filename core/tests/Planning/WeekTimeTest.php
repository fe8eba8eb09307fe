<?php

declare(strict_types=1);

use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\Limit;
use Nagomi\Core\Planning\LimitsCost;
use Nagomi\Core\Planning\PlanConsequence;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\PossibleWashDays;
use Nagomi\Core\Planning\RelaxedLimit;
use Nagomi\Core\Planning\RelaxedTerms;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WeekTime;
use Nagomi\Core\Record\InvalidRecord;
use Nagomi\Core\Record\PlanTermsFields;
use Nagomi\Core\Tests\Support\Make;

/** @return list<string> weekdays and days of the month that are washed on in four weeks from Monday, 2 March */
function washedIn(WeekTime $week, string $last = '2026-03-02', int $every = 7, array $away = []): array
{
    $days = PossibleWashDays::of(
        Make::head(every: $every),
        [Make::washDay($last, Make::usualWash())],
        new PlanTerms(away: $away, week: $week),
        Make::day(),
        28,
    );

    return array_map(fn (int $day): string => Make::day()->modify("+{$day} days")->format('D j'), $days);
}

it('washes on the weekday with most time that is near the day it is due', function (
    array $minutes,
    string $last,
    int $every,
    array $days,
): void {
    expect(washedIn(new WeekTime($minutes), $last, $every))->toBe($days);
})->with([
    'no limit: by the rhythm' => [[], '2026-03-02', 7, ['Mon 9', 'Mon 16', 'Mon 23', 'Mon 30']],
    'as short on each day' => [
        array_fill(1, 7, 40), '2026-03-02', 7, ['Mon 9', 'Mon 16', 'Mon 23', 'Mon 30'],
    ],
    'a short Monday: Sunday before it, then Sundays' => [
        [1 => 20],
        '2026-03-02',
        7,
        ['Sun 8', 'Sun 15', 'Sun 22', 'Sun 29'],
    ],
    'time on Thursdays alone' => [
        array_fill(1, 3, 30) + [4 => 120] + array_fill(5, 3, 30), '2026-03-02', 7,
        ['Thu 12', 'Thu 19', 'Thu 26'],
    ],
    'half a week apart: every second one is long' => [
        array_fill(1, 5, 30) + [6 => 150, 7 => 30], '2026-03-07', 4, [
            'Wed 11',
            'Sat 14',
            'Wed 18',
            'Sat 21',
            'Wed 25',
            'Sat 28',
        ],
    ],
    'never on Mondays' => [[1 => 0], '2026-03-02', 7, ['Sun 8', 'Sun 15', 'Sun 22', 'Sun 29']],
    'every other day, never on Sundays' => [
        [7 => 0], '2026-03-02', 2,
        [
            'Wed 4',
            'Fri 6',
            'Mon 9',
            'Wed 11',
            'Fri 13',
            'Mon 16',
            'Wed 18',
            'Fri 20',
            'Mon 23',
            'Wed 25',
            'Fri 27',
            'Mon 30',
        ],
    ],
    'on Tuesdays alone' => [
        [1 => 0, 3 => 0, 4 => 0, 5 => 0, 6 => 0, 7 => 0],
        '2026-03-02',
        2,
        ['Tue 10', 'Tue 17', 'Tue 24'],
    ],
]);

it('is away all the same', function (): void {
    $week = new WeekTime([1 => 20, 2 => 20, 3 => 20, 4 => 20]);
    expect(washedIn($week, away: [[Make::day('2026-03-07'), Make::day('2026-03-08')]])[0])->toBe('Fri 6')
        ->and(washedIn($week)[0])->toBe('Sun 8');
});

it('bounds the day by its weekday, at home', function (): void {
    $week = new WeekTime([1 => 45, 2 => 0, 3 => 30]);
    $limit = fn (int $day, PlanTerms $terms, ?int $usual = null): ?int => (new RuleContext(
        Make::head(limit: $usual),
        $day,
        terms: $terms,
        today: Make::day(),
    ))->minutesLimit();
    $terms = new PlanTerms(week: $week);
    expect($limit(0, $terms))->toBe(45)
        ->and($limit(2, $terms))->toBe(30)
        ->and($limit(3, $terms))->toBeNull()
        // Only a hand could have set such a day.
        ->and($limit(1, $terms))->toBeNull()
        ->and($limit(0, $terms, 40))->toBe(40)
        ->and($limit(0, $terms, 50))->toBe(45);
    $salon = new PlanTerms(salonDays: [Make::day()], homeMinutesLimit: 35, week: $week);
    expect($limit(0, $salon))->toBeNull()->and($limit(7, $salon))->toBe(35)->and($limit(2, $salon))->toBe(30);
});

it('puts long treatments where there is time, and nothing longer than it anywhere', function (): void {
    $head = Make::head(Porosity::High, every: 4);
    $week = new WeekTime(array_fill(1, 5, 60) + [6 => 150, 7 => 60]);
    $plan = Planner::plan(Make::atTarget($head), [], 12, new PlanTerms(week: $week));
    $long = array_filter($plan->items, fn (PlanItem $item): bool => $item->choice->minutes($head) > 60.0);
    expect($long)->not->toBe([]);
    foreach ($long as $item) {
        expect($item->date->format('D'))->toBe('Sat');
    }
});

it('names the weekday that would free most', function (): void {
    $head = Make::head(Porosity::High);
    $terms = new PlanTerms(week: new WeekTime(array_fill(1, 7, 52)));
    $out = PlanConsequence::of(
        Planner::plan(Make::atTarget($head), [], 12, $terms),
        $head->parameters->planning,
    )->daysOut;
    $weekdays = array_filter(
        LimitsCost::of(Make::atTarget($head), [], 12, $terms, $out),
        fn (RelaxedLimit $one): bool => $one->limit === Limit::MinutesOnWeekday,
    );
    expect($weekdays)->not->toBe([]);
    foreach ($weekdays as $one) {
        $longer = RelaxedTerms::longerOn($terms, (int) $one->weekday);
        $then = PlanConsequence::of(
            Planner::plan(Make::atTarget($head), [], 12, $longer),
            $head->parameters->planning,
        )->daysOut;
        expect($one->to)->toBe(72)->and($one->daysGained)->toEqualWithDelta($out - $then, 1e-9);
    }
});

it('says what to give instead', function (array $minutes): void {
    expect(fn () => new WeekTime($minutes))->toRefuse(InvalidArgumentException::class, 'Minutes by weekday');
})->with(['too short' => [[1 => 9]], 'too long' => [[1 => 481]], 'below 0' => [[1 => -5]], 'no weekday' => [[8 => 60]],
    'none left' => [array_fill(1, 7, 0)]]);

it('is kept in a care record', function (): void {
    $season = ['weekday_minutes' => ['mon' => 30, 'wed' => 0, 'sat' => 180]];
    $minutes = Parameters::shipped()->washDay;
    $terms = PlanTermsFields::fromArray($season, $minutes);
    expect($terms->week->minutes)->toBe([1 => 30, 3 => 0, 6 => 180])->and(
        PlanTermsFields::write($terms),
    )->toBe($season);
    expect(fn () => PlanTermsFields::fromArray(['weekday_minutes' => ['mon' => 5]], $minutes))
        ->toThrow(InvalidRecord::class)
        ->and(fn () => PlanTermsFields::fromArray(['weekday_minutes' => ['mo' => 50]], $minutes))
        ->toThrow(InvalidRecord::class);
});
