<?php

declare(strict_types=1);


/**
 * @return array{
 *     list<Snapshot>, list<Snapshot>,
 * } what the filter said at the end of each day, and what it says of them looking back
 */

use Nagomi\Core\Estimation\FilterJournal;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\Smoother;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Tests\Support\Make;

function lookedBack(HeadHistory $history, string $until): array
{
    $journal = new FilterJournal();
    KalmanFilter::through($history, Make::day($until), journal: $journal);
    $filtered = array_values(array_filter($journal->entries(), fn (mixed $entry): bool => $entry instanceof Snapshot));

    return [$filtered, Smoother::of($journal)];
}

/** Twelve weeks of washing and reading of a head with two strata. */
function twelveWeeks(): HeadHistory
{
    $washDays = $readings = [];
    for ($week = 0; $week < 12; $week++) {
        $date = Make::day('2026-01-05')->modify('+' . 7 * $week . ' days')->format('Y-m-d');
        $washDays[] = Make::washDay($date, Make::usualWash());
        $readings = $week % 2 === 0 ? [...$readings, ...Make::fiveReadings($date)] : $readings;
    }

    return new HeadHistory(Make::head(Porosity::High, [Zone::Crown, Zone::Nape]), $washDays, $readings);
}

it('leaves the last day as it was and narrows every earlier one', function (): void {
    [$filtered, $smoothed] = lookedBack(twelveWeeks(), '2026-03-30');
    expect($smoothed)->toHaveCount(count($filtered));
    $last = count($filtered) - 1;
    expect($smoothed[$last]->state->mean)->toEqual($filtered[$last]->state->mean);
    foreach ($filtered as $i => $point) {
        expect($smoothed[$i]->date)->toEqual($point->date);
        foreach ([StateLayout::MOISTURE, StateLayout::PROTEIN, StateLayout::STUBBORN, StateLayout::WEAR] as $quantity) {
            expect($smoothed[$i]->state->sd(1, $quantity))->toBeLessThanOrEqual($point->state->sd(1, $quantity) + 1e-9);
        }
    }
    $width = fn (array $points): float => array_sum(array_map(
        fn (Snapshot $point): float => $point->state->sd(0, StateLayout::MOISTURE),
        $points,
    ));
    expect($width($smoothed))->toBeLessThan(0.95 * $width($filtered));
});

it('keeps every smoothed covariance symmetric with variances of 0 or more', function (): void {
    foreach (lookedBack(twelveWeeks(), '2026-03-30')[1] as $point) {
        foreach ($point->state->covariance as $i => $row) {
            expect($row[$i])->toBeGreaterThanOrEqual(0.0);
            foreach ($row as $j => $value) {
                expect($value)->toBe($point->state->covariance[$j][$i]);
            }
        }
    }
});

it('comes out the same day by day as in strides', function (): void {
    $history = twelveWeeks();
    [$filtered] = lookedBack($history, '2026-03-30');
    $strides = KalmanFilter::through($history, Make::day('2026-03-30'))->last()->state;
    foreach ($strides->mean as $i => $value) {
        expect($filtered[count($filtered) - 1]->state->mean[$i])->toEqualWithDelta($value, 1e-7);
    }
});

it('goes on from a stored day as if it had never stopped', function (): void {
    $history = twelveWeeks();
    $whole = KalmanFilter::through($history, Make::day('2026-03-30'));
    $half = KalmanFilter::through($history, Make::day('2026-02-16'));
    $rest = KalmanFilter::through($history, Make::day('2026-03-30'), $half->last());
    foreach ($whole->last()->state->mean as $i => $value) {
        expect($rest->last()->state->mean[$i])->toEqualWithDelta($value, 1e-9);
        expect($rest->last()->state->covariance[$i][$i])->toEqualWithDelta(
            $whole->last()->state->covariance[$i][$i],
            1e-9,
        );
    }
    // And its ledger goes on to the millionth.
    expect(count($half->ledger) + count($rest->ledger))->toBe(count($whole->ledger));
    $sum = fn (array $lines): int => array_sum(array_map(
        fn ($line): int => $line->amounts[0][StateLayout::MOISTURE],
        $lines,
    ));
    expect($sum($half->ledger) + $sum($rest->ledger))->toBe((int) round(
        $whole->last()->state->value(0, StateLayout::MOISTURE) * 1_000_000,
    ));
});
