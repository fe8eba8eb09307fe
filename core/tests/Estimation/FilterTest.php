<?php

declare(strict_types=1);


/** @return array{list<Nagomi\Core\Treatments\WashDay>, list<Nagomi\Core\Readings\Reading>} */

use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\Dynamics;
use Nagomi\Core\Estimation\Forecast;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\LedgerKind;
use Nagomi\Core\Estimation\LedgerLine;
use Nagomi\Core\Estimation\LedgerWriter;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Statistics\Cholesky;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;

function threeMonths(): array
{
    $washDays = $readings = [];
    for ($week = 0; $week < 13; $week++) {
        $date = Make::day('2026-01-05')->modify('+' . 7 * $week . ' days')->format('Y-m-d');
        $steps = Make::usualWash();
        if ($week % 5 === 2) {
            array_splice($steps, 1, 0, [Step::strongProtein(10)]);
        }
        $washDays[] = Make::washDay($date, $steps);
        if ($week % 3 === 0) {
            array_push($readings, ...Make::fiveReadings($date));
        }
    }

    return [$washDays, $readings];
}

it('books a ledger that sums to the state, to the millionth, for every stratum and quantity', function (): void {
    [$washDays, $readings] = threeMonths();
    $head = Make::head(lowZones: [Zone::Crown, Zone::Centre]);
    $trace = KalmanFilter::follow($head, $washDays, $readings, Make::day('2026-04-20'));
    foreach ($head->strata as $s => $stratum) {
        foreach (
            [
                StateLayout::MOISTURE, StateLayout::PROTEIN, StateLayout::WASHABLE, StateLayout::STUBBORN,
                StateLayout::WEAR,
            ] as $quantity
        ) {
            $sum = array_sum(array_map(fn (LedgerLine $line): int => $line->amounts[$s][$quantity], $trace->ledger));
            expect($sum)->toBe((int) round($trace->last()->state->value($s, $quantity) * LedgerLine::MILLIONTHS));
        }
    }
    expect(array_unique(array_map(fn (LedgerLine $line): string => $line->kind->value, $trace->ledger)))
        ->toContain('opening', 'time', 'step', 'reading');
});

it('gives the same state whatever the order of readings and wash days', function (): void {
    [$washDays, $readings] = threeMonths();
    $head = Make::head();
    $one = KalmanFilter::follow($head, $washDays, $readings, Make::day('2026-04-20'))->last()->state;
    $other = KalmanFilter::follow(
        $head,
        array_reverse($washDays),
        array_reverse($readings),
        Make::day('2026-04-20'),
    )->last()->state;
    foreach ($one->mean as $i => $value) {
        expect($other->mean[$i])->toEqualWithDelta($value, 1e-7);
    }
});

it('keeps its covariance symmetric and positive through 500 visits', function (): void {
    $washDays = $readings = [];
    for ($visit = 0; $visit < 500; $visit++) {
        $date = Make::day('2016-01-04')->modify('+' . 7 * $visit . ' days')->format('Y-m-d');
        $washDays[] = Make::washDay($date, Make::usualWash());
        array_push($readings, ...Make::fiveReadings($date));
    }
    $state = KalmanFilter::follow(
        Make::head(lowZones: [Zone::Nape]),
        $washDays,
        $readings,
        Make::day('2025-08-08'),
    )->last()->state;
    foreach ($state->covariance as $i => $row) {
        expect($row[$i])->toBeGreaterThanOrEqual(0.0);
        foreach ($row as $j => $value) {
            expect($value)->toBe($state->covariance[$j][$i]);
        }
    }
    expect(new Cholesky($state->covariance))->toBeInstanceOf(Cholesky::class);
});

it('moves the covariance as numerical derivatives of the mean say it should', function (): void {
    $start = KalmanFilter::follow(
        Make::head(Porosity::High),
        [],
        Make::fiveReadings('2026-03-02'),
        Make::day(),
    )->last()->state;
    $layout = $start->layout;
    $move = fn ($state) => Dynamics::afterStep(
        Dynamics::afterDays($state, 5, true)->state,
        Forecast::effects($layout->head, Step::mask(20), new Nagomi\Core\Treatments\TreatmentContext($layout->head)),
        0.0,
    )->state;
    $base = $move($start);
    $zero = array_fill(0, $layout->size, array_fill(0, $layout->size, 0.0));
    $still = fn (array $mean) => $move(new Nagomi\Core\Estimation\State($layout, $mean, $zero));
    $jacobian = [];
    for ($j = 0; $j < $layout->size; $j++) {
        $up = $down = $start->mean;
        $up[$j] += 1e-5;
        $down[$j] -= 1e-5;
        foreach ($still($up)->mean as $i => $value) {
            $jacobian[$i][$j] = ($value - $still($down)->mean[$i]) / 2e-5;
        }
    }
    // Drift adds to what the Jacobian carries over; it does not depend on the covariance before.
    $drift = $still($start->mean)->covariance;
    foreach ([StateLayout::MOISTURE, StateLayout::PROTEIN, StateLayout::WASHABLE] as $i) {
        foreach ([StateLayout::MOISTURE, StateLayout::PROTEIN, $layout->uptake] as $j) {
            $expected = $drift[$i][$j];
            foreach (array_keys($jacobian) as $a) {
                foreach (array_keys($jacobian) as $b) {
                    $expected += $jacobian[$i][$a] * $start->covariance[$a][$b] * $jacobian[$j][$b];
                }
            }
            expect($base->covariance[$i][$j])->toEqualWithDelta($expected, 1e-4);
        }
    }
});

it('asks to check again what lies far off, and takes it in with more doubt until confirmed', function (): void {
    $settled = [];
    for ($week = 0; $week < 6; $week++) {
        $date = Make::day('2026-01-05')->modify('+' . 7 * $week . ' days')->format('Y-m-d');
        $settled[] = Make::reading($date, 'dryness', ['points' => 3]);
    }
    $odd = Make::reading('2026-02-16', 'dryness', ['points' => 10]);
    $confirmed = Make::reading('2026-02-16', 'dryness', ['points' => 10], confirmed: true);
    $without = KalmanFilter::follow(
        Make::head(),
        [],
        $settled,
        Make::day('2026-02-16'),
    )->last()->state->value(0, StateLayout::MOISTURE);
    $flagged = KalmanFilter::follow(Make::head(), [], [...$settled, $odd], Make::day('2026-02-16'));
    $believed = KalmanFilter::follow(Make::head(), [], [...$settled, $confirmed], Make::day('2026-02-16'));
    expect($flagged->checks[6]->again)->toBeTrue()->and($believed->checks[6]->again)->toBeFalse();
    $moved = fn ($trace): float => abs($trace->last()->state->value(0, StateLayout::MOISTURE) - $without);
    expect($moved($flagged))->toBeLessThan($moved($believed));
});

it('believes a home report less than the bench', function (): void {
    $sd = fn (Moment $moment): float => KalmanFilter::follow(
        Make::head(),
        [],
        [Make::reading('2026-03-02', 'dryness', ['points' => 4], $moment)],
        Make::day(),
    )
        ->last()->state->sd(0, StateLayout::MOISTURE);
    expect($sd(Moment::Home))->toBeGreaterThan($sd(Moment::BeforeCleansing));
});

it('leaves the reserve uncertain when only stretch and feel were read', function (): void {
    $sums = fn (array $readings): float => (function ($state): float {
        $m = $state->layout->of(0, StateLayout::MOISTURE);
        $p = $state->layout->of(0, StateLayout::PROTEIN);

        return sqrt($state->covariance[$m][$m] + $state->covariance[$p][$p] + 2 * $state->covariance[$m][$p]) / 2;
    })(KalmanFilter::follow(Make::head(), [], $readings, Make::day())->last()->state);
    $five = Make::fiveReadings('2026-03-02');
    expect($sums([$five[2]]))->toBeGreaterThan(1.2 * $sums($five));
});

it('sees only its zone’s stratum when a reading is taken on one zone', function (): void {
    $head = Make::head(lowZones: [Zone::Crown, Zone::Centre]);
    $before = KalmanFilter::follow($head, [], [], Make::day())->last()->state;
    $after = KalmanFilter::follow(
        $head,
        [],
        [Make::reading('2026-03-02', 'dryness', ['points' => 9], zone: Zone::Crown)],
        Make::day(),
    )->last()->state;
    $drop = fn (int $s): float => $before->value($s, StateLayout::MOISTURE) - $after->value($s, StateLayout::MOISTURE);
    expect($drop(1))->toBeGreaterThan(1.3 * $drop(0));
});

it('reports in the ledger what it held at the edge of a scale', function (): void {
    $washDays = [];
    for ($week = 0; $week < 80; $week++) {
        $washDays[] = Make::washDay(
            Make::day('2024-01-01')->modify('+' . 7 * $week . ' days')->format('Y-m-d'),
            [Step::cleanse(CleanseKind::CoWash)],
        );
    }
    $trace = KalmanFilter::follow(
        Make::head(load: StylingLoad::Heavy, hardness: 400),
        $washDays,
        [],
        Make::day('2025-07-14'),
    );
    expect(array_filter(
        $trace->ledger,
        fn (LedgerLine $line): bool => $line->kind === LedgerKind::Limit,
    ))->not->toBeEmpty();
    expect($trace->last()->state->value(0, StateLayout::STUBBORN))->toBe(100.0);
});

it('gives a sound wide answer after a gap of a year and without any reading', function (): void {
    $none = KalmanFilter::follow(Make::head(), [], [], Make::day())->last()->state;
    $gap = KalmanFilter::follow(
        Make::head(),
        [Make::washDay('2025-03-01', Make::usualWash())],
        [],
        Make::day(),
    )->last()->state;
    foreach ([$none, $gap] as $state) {
        foreach ($state->mean as $i => $value) {
            expect(is_finite($value))->toBeTrue();
            expect(is_finite($state->covariance[$i][$i]))->toBeTrue();
        }
    }
    expect($none->sd(0, StateLayout::MOISTURE))->toBeGreaterThan(10.0)
        ->and($gap->value(0, StateLayout::MOISTURE))->toBeGreaterThan(30.0)->toBeLessThan(50.0)
        ->and($gap->sd(0, StateLayout::MOISTURE))->toBeGreaterThan(6.0);
});

it('gives nine probabilities that sum to one and lean the way the head does', function (): void {
    $dry = KalmanFilter::follow(Make::head(), [], [
        Make::reading('2026-03-02', 'dryness', ['points' => 9]),
        Make::reading('2026-03-02', 'feel', ['points' => -4]),
    ], Make::day())->last()->state;
    $cells = CellProbabilities::ofHead($dry);
    expect(array_sum($cells))->toEqualWithDelta(1.0, 1e-9)->and($cells)->toHaveCount(9);
    expect(CellProbabilities::sides($cells)['moisture_low'])->toBeGreaterThan(0.8);
});

it('takes what came before today only', function (): void {
    $trace = KalmanFilter::follow(
        Make::head(),
        [Make::washDay('2026-05-01', Make::usualWash())],
        [],
        Make::day('2026-04-01'),
    );
    expect($trace->last()->date->format('Y-m-d'))->toBe('2026-04-01')->and($trace->ledger)->toHaveCount(1);
});

it('hears what was read after the cleanse once, after it, and all the same where nothing was cleansed', function (
    ?array $steps,
): void {
    $reading = Make::reading('2026-03-02', 'dryness', ['points' => 8], Moment::AfterCleansing);
    $washDays = $steps === null ? [] : [Make::washDay('2026-03-02', $steps)];
    $with = KalmanFilter::follow(Make::head(), $washDays, [$reading], Make::day('2026-03-02'));
    $without = KalmanFilter::follow(Make::head(), $washDays, [], Make::day('2026-03-02'));
    expect($with->checks)->toHaveCount(1)
        ->and($with->last()->state->value(0, StateLayout::MOISTURE))
        ->toBeLessThan($without->last()->state->value(0, StateLayout::MOISTURE) - 1.0);
})->with([
    'a usual wash' => [Make::usualWash()],
    'a mask without a cleanse' => [[Step::mask(20)]],
    'no wash' => [null],
]);

it('draws each day as it ended, the days of a wash after it', function (): void {
    $washes = [Make::washDay('2026-02-02', Make::usualWash()), Make::washDay('2026-02-09', Make::usualWash())];
    $run = KalmanFilter::follow(Make::head(), $washes, [], Make::day('2026-02-11'));
    $daily = $run->daily(Make::day('2026-02-02'), Make::day('2026-02-11'));
    expect(array_map(static fn ($point): string => $point->date->format('m-d'), $daily))->toBe([
        '02-02', '02-03', '02-04', '02-05', '02-06', '02-07', '02-08', '02-09', '02-10', '02-11',
    ])
        ->and($daily[0]->state->mean)->toEqual($run->points[0]->state->mean)
        ->and($daily[7]->state->mean)->toEqual($run->points[1]->state->mean)
        ->and($daily[9]->state->mean)->toEqual($run->last()->state->mean)
        ->and($daily[3]->state->mean)->toEqualWithDelta(
            Dynamics::afterDays(
                $run->points[0]->state,
                3,
                $run->points[0]->sealed,
                Make::day('2026-02-02'),
            )->state->mean,
            1e-9,
        );
});

it('books a step that was done though it moved nothing, and time only where it moved something', function (): void {
    $state = Make::atTarget(Make::head())->state;
    $writer = new LedgerWriter($state);
    $writer->book(Make::day(), LedgerKind::Time, '3 days', $state->mean);
    $writer->book(Make::day(), LedgerKind::Step, 'leave-in', $state->mean);
    $writer->book(Make::day(), LedgerKind::Opening, 'opening', $state->mean);
    $kinds = array_map(static fn (LedgerLine $line): LedgerKind => $line->kind, $writer->lines());
    expect($kinds)->toBe([LedgerKind::Step, LedgerKind::Opening])
        ->and(array_filter(array_merge(...$writer->lines()[0]->amounts)))->toBe([])
        ->and($writer->lines()[1]->amounts[0][StateLayout::MOISTURE])
        ->toBe((int) round($state->mean[StateLayout::MOISTURE] * LedgerLine::MILLIONTHS));
});
