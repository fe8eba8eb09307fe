<?php

declare(strict_types=1);

use Nagomi\Core\Planning\BookedWashDays;
use Nagomi\Core\Planning\FixedWashDay;
use Nagomi\Core\Planning\Occasion;
use Nagomi\Core\Planning\OccasionKind;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\PossibleWashDays;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WeekTime;
use Nagomi\Core\Record\InvalidRecord;
use Nagomi\Core\Record\PlanTermsFields;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/* A wash day that is booked in the salon is a day of the plan. */

function handSet(string $date, float $mask = 25.0): FixedWashDay
{
    return new FixedWashDay(
        Make::day($date),
        new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, $mask),
        'as agreed',
    );
}

/** @return list<string> */
function datesOf(array $days): array
{
    return array_map(static fn (DateTimeImmutable $day): string => $day->format('Y-m-d'), $days);
}

it('leaves terms without a booking as they are', function (): void {
    $terms = new PlanTerms(byHand: [handSet('2026-03-09')]);
    expect(BookedWashDays::within($terms, [], 3))->toBe($terms)->and($terms->salonDays)->toBeNull();
});

it('washes on what is booked, and says what else is in the salon', function (): void {
    $terms = BookedWashDays::within(
        new PlanTerms(salonDays: [Make::day('2026-03-20'), Make::day('2026-03-12')]),
        ['2026-03-12' => null, '2026-03-05' => 90],
        3,
    );
    expect(datesOf($terms->salonDays))->toBe(['2026-03-20', '2026-03-05', '2026-03-12'])
        ->and($terms->weekdayMinutes(Make::day('2026-03-05')))->toBe(90)
        ->and($terms->weekdayMinutes(Make::day('2026-03-12')))->toBeNull()
        ->and($terms->leastMinutes(Make::head()))->toBe(90.0)
        ->and($terms->limitMinutes(Make::head()))->toBeTrue();
});

it('moves onto a booking what was set by hand near it, the nearest where there are two', function (): void {
    $terms = BookedWashDays::within(
        new PlanTerms(byHand: [handSet('2026-03-09', 10), handSet('2026-03-13', 20), handSet('2026-03-20', 30)]),
        ['2026-03-12' => null],
        3,
    );
    $set = array_map(
        static fn (FixedWashDay $day): array => [$day->date->format('Y-m-d'), $day->choice->conditioningMinutes],
        $terms->byHand,
    );
    expect($set)->toEqualCanonicalizing([['2026-03-20', 30.0], ['2026-03-12', 20.0]]);
    // One day further than near stays.
    $far = BookedWashDays::within(new PlanTerms(byHand: [handSet('2026-03-08')]), ['2026-03-12' => null], 3);
    expect(datesOf(array_column($far->byHand, 'date')))->toBe(['2026-03-08']);
});

it('takes a style down at the salon wash near its day, and washes on no eve beside one', function (): void {
    $booked = ['2026-03-12' => null];
    $worn = static fn (string $on): ?string => BookedWashDays::within(
        (new PlanTerms())->takingDown(Make::day($on)),
        $booked,
        3,
    )->takeDownOn?->format('Y-m-d');
    expect($worn('2026-03-10'))->toBe('2026-03-12')
        ->and($worn('2026-03-15'))->toBe('2026-03-12')
        ->and($worn('2026-03-16'))->toBe('2026-03-16')
        ->and(BookedWashDays::within(new PlanTerms(), $booked, 3)->takeDownOn)->toBeNull();
    $wedding = new PlanTerms(occasions: [
        new Occasion(OccasionKind::BestDay, Make::day('2026-03-14'), Make::day('2026-03-14'), 'Wedding'),
    ]);
    $days = static fn (PlanTerms $terms): array => PossibleWashDays::of(
        Make::head(),
        [Make::washDay('2026-03-02', Make::usualWash())],
        $terms,
        Make::day(),
        28,
    );
    expect($days($wedding))->toContain(11)->not->toContain(10)
        ->and($days(BookedWashDays::within($wedding, $booked, 3)))->toContain(10)->not->toContain(11);
});

it('plans no wash day within half a rhythm before one that is booked', function (): void {
    $history = [Make::washDay('2026-02-27', Make::usualWash())];
    foreach ([4, 7, 14] as $every) {
        $snapshot = Make::atTarget(Make::head(every: $every));
        for ($booked = 1; $booked <= 2 * $every; $booked++) {
            $day = Make::day()->modify("+{$booked} days");
            $terms = BookedWashDays::within(new PlanTerms(), [$day->format('Y-m-d') => null], 3);
            $plan = Planner::plan($snapshot, $history, 6, $terms, saysWhy: false);
            $days = array_map(
                static fn ($item): int => (int) Make::day()->diff($item->date)->days,
                $plan->items,
            );
            expect($days)->toContain($booked);
            $before = array_filter($days, static fn (int $one): bool => $one < $booked);
            expect($before === [] ? $every : $booked - max($before))->toBeGreaterThan(intdiv($every, 2));
        }
    }
});

it('keeps a booked day to the minutes that are kept for it', function (): void {
    $snapshot = Make::atTarget(Make::head());
    $day = '2026-03-09';
    $minutes = static function (?int $limit) use ($snapshot, $day): float {
        $terms = BookedWashDays::within(new PlanTerms(), [$day => $limit], 3);
        foreach (Planner::plan($snapshot, [], 4, $terms, saysWhy: false)->items as $item) {
            if ($item->date->format('Y-m-d') === $day) {
                return $item->minutes;
            }
        }

        return 0.0;
    };
    $usual = $minutes(null);
    expect($usual)->toBeGreaterThan(40.0)
        ->and($minutes((int) floor($usual) - 5))->toBeLessThanOrEqual($usual - 5)->toBeGreaterThan(0.0);
});

it('stands in a record and comes back out of it', function (): void {
    $terms = new PlanTerms(salonDays: [Make::day('2026-03-12')], week: new WeekTime([1 => 40], ['2026-03-12' => 75]));
    $written = PlanTermsFields::write($terms);
    $minutes = Make::head()->parameters->washDay;
    expect($written['salon_minutes'])->toBe(['2026-03-12' => 75])
        ->and(PlanTermsFields::fromArray($written, $minutes)->week)->toEqual($terms->week);
    foreach ([['2026-02-30' => 60], ['2026-03-12' => 5], ['2026-03-12' => 500], ['soon' => 60]] as $wrong) {
        expect(static fn () => PlanTermsFields::fromArray(['salon_minutes' => $wrong], $minutes))
            ->toThrow(InvalidRecord::class);
    }
    expect(static fn () => new WeekTime([], ['2026-03-12' => 0]))
        ->toRefuse(InvalidArgumentException::class, '10 to 480');
});
