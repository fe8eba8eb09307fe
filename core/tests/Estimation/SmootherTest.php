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
use Nagomi\Core\Estimation\UpdateResult;
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

/** x of a symmetric matrix times x = b, by elimination with the largest pivot; what does not vary stays 0. */
function solved(array $matrix, array $b): array
{
    $n = count($b);
    foreach ($matrix as $i => $row) {
        $matrix[$i][$n] = $b[$i];
    }
    $left = array_keys($matrix);
    $pivots = [];
    while ($left !== []) {
        usort($left, fn (int $i, int $j): int => abs($matrix[$j][$j]) <=> abs($matrix[$i][$i]));
        $pivot = array_shift($left);
        if (abs($matrix[$pivot][$pivot]) < 1e-13) {
            break;
        }
        $pivots[] = $pivot;
        foreach (array_keys($matrix) as $i) {
            $factor = $i === $pivot ? 0.0 : $matrix[$i][$pivot] / $matrix[$pivot][$pivot];
            for ($j = 0; $factor !== 0.0 && $j <= $n; $j++) {
                $matrix[$i][$j] -= $factor * $matrix[$pivot][$j];
            }
        }
    }
    $x = array_fill(0, $n, 0.0);
    foreach ($pivots as $i) {
        $x[$i] = $matrix[$i][$n] / $matrix[$i][$i];
    }

    return $x;
}

/** @return array{array<int, float>, array<int, array<int, float>>} what was foretold: what came out, less what readings did */
function foretoldBefore(UpdateResult $updated): array
{
    [$mean, $covariance] = [$updated->state->mean, $updated->state->covariance];
    $precision = array_values(array_map(array_values(...), $updated->precision));
    $gains = array_values($updated->gain);
    foreach ($updated->gain as $j => $gain) {
        foreach ($gain as $i => $value) {
            $mean[$i] -= $value * $updated->innovations[$j];
        }
    }
    foreach (array_keys($mean) as $column) {
        $through = solved($precision, array_column($gains, $column));
        foreach ($gains as $j => $gain) {
            foreach ($gain as $i => $value) {
                $covariance[$i][$column] += $value * $through[$j];
            }
        }
    }

    return [$mean, $covariance];
}

/** A vector times the slopes of a move, whose other rows are those of the identity. */
function backThrough(array $vector, array $slopes): array
{
    $back = $vector;
    foreach (array_keys($slopes) as $row) {
        $back[$row] = 0.0;
    }
    foreach ($slopes as $row => $columns) {
        foreach ($columns as $column => $slope) {
            $back[$column] += $slope * $vector[$row];
        }
    }

    return $back;
}

/*
 * H. E. Rauch, F. Tung, C. T. Striebel, Maximum likelihood estimates of linear dynamic systems, 1965 (from memory):
 * m + P·Fᵀ·(P⁻)⁻¹·(smoothed of the next day − foretold for it), which needs the inverse the other form does without.
 */
it('says of each day what the form of Rauch, Tung and Striebel says', function (): void {
    $washDays = $readings = [];
    for ($week = 0; $week < 10; $week++) {
        $monday = Make::day('2026-01-05')->modify('+' . 7 * $week . ' days');
        $washDays[] = Make::washDay($monday->format('Y-m-d'), Make::usualWash());
        $read = $week % 2 === 0 ? Make::fiveReadings($monday->modify('+3 days')->format('Y-m-d')) : [];
        $readings = [...$readings, ...$read];
    }
    $history = new HeadHistory(Make::head(Porosity::High, [Zone::Crown, Zone::Nape]), $washDays, $readings);
    $journal = new FilterJournal();
    KalmanFilter::through($history, Make::day('2026-03-16'), journal: $journal);
    $smoothed = Smoother::of($journal);
    [$point, $at, $moves, $foretold, $shifted] = [null, -1, [], null, 0];
    foreach ($journal->entries() as $entry) {
        if ($entry instanceof UpdateResult) {
            $foretold = foretoldBefore($entry);
        } elseif (! $entry instanceof Snapshot) {
            expect($foretold)->toBeNull('Readings come last on their day here.');
            $moves[] = $entry;
        } else {
            [$mean, $covariance] = $foretold ?? [$entry->state->mean, $entry->state->covariance];
            $next = $smoothed[$at + 1]->state->mean;
            $shift = array_reduce(
                array_reverse($moves),
                backThrough(...),
                solved($covariance, array_map(fn (float $a, float $b): float => $a - $b, $next, $mean)),
            );
            foreach ($point?->state->covariance ?? [] as $i => $row) {
                $by = array_sum(array_map(fn (float $a, float $b): float => $a * $b, $row, $shift));
                expect($smoothed[$at]->state->mean[$i])->toEqualWithDelta($point->state->mean[$i] + $by, 1e-6);
                $shifted += (int) (abs($by) > 0.01);
            }
            [$point, $at, $moves, $foretold] = [$entry, $at + 1, [], null];
        }
    }
    // Looking back says something else of them than their own day did.
    expect($shifted)->toBeGreaterThan(100);
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

it('says of each day once how it ended, through weeks of which nothing was told', function (): void {
    $journal = new FilterJournal();
    $history = new HeadHistory(Make::head(), [Make::washDay('2026-01-05', Make::usualWash())], []);
    KalmanFilter::through($history, Make::day('2026-04-05'), journal: $journal);
    $days = array_map(static fn (Snapshot $point): string => $point->date->format('Y-m-d'), Smoother::of($journal));
    expect($days)->toBe(array_map(
        static fn (int $day): string => Make::day('2026-01-05')->modify("+{$day} days")->format('Y-m-d'),
        range(0, 90),
    ));
});
