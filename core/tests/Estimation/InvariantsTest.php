<?php

declare(strict_types=1);


/** Any step a record may hold, however unlikely. */

use Nagomi\Core\Estimation\AirMoisture;
use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\Dynamics;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\LedgerLine;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

function anyStep(SeededRandom $chance): Step
{
    $minutes = [0.5, 3.0, 15.0, 45.0, 120.0, 720.0][$chance->between(0, 5)];
    $cleanses = CleanseKind::cases();

    return match ($chance->between(0, 9)) {
        0 => Step::preWash(['oil', 'conditioner', 'mix'][$chance->between(0, 2)], $minutes),
        1, 2 => Step::cleanse($cleanses[$chance->between(0, 5)], $chance->between(1, 3)),
        3 => Step::mask($minutes, $chance->happens(0.5)),
        4 => Step::strongProtein($minutes),
        5 => Step::mildProtein($minutes),
        6 => Step::conditioner($minutes),
        7 => Step::detangle(
            $minutes,
            ['fingers', 'comb', 'brush'][$chance->between(0, 2)],
            ['wet-with-slip', 'dry-without'][$chance->between(0, 1)],
        ),
        8 => new Step([StepKind::LeaveIn, StepKind::Seal, StepKind::ChemicalService][$chance->between(0, 2)]),
        default => new Step(StepKind::Trim, millimetres: (float) $chance->between(1, 1000)),
    };
}

/** Any reading the bench lets through, however unlikely. */
function anyReading(SeededRandom $chance, string $date, int $number): Reading
{
    $stretched = 100.0 + $chance->between(0, 150);
    $raws = [
        'dryness' => ['points' => $chance->between(0, 10)],
        'feel' => ['points' => $chance->between(-5, 5)],
        'build-up-signs' => [
            'dull' => 2, 'beads' => $chance->between(0, 2), 'film' => 0, 'sticky' => 1,
            'no_lather' => $chance->between(0, 2),
        ],
        'broken-hairs' => [
            'shed' => $chance->between(0, 5000),
            'broken' => $chance->between(0, 2000),
            'days_since_detangled' => $chance->between(0, 120),
        ],
        'wet-stretch' => ['hairs' => [
            [
                'rest_mm' => 100.0,
                'stretched_mm' => $stretched,
                'returned_mm' => 100.0 + ($stretched - 100) * $chance->uniform(),
            ],
            ['rest_mm' => 100.0, 'stretched_mm' => $stretched, 'snapped' => true],
        ]],
    ];
    $test = array_keys($raws)[$chance->between(0, 4)];
    $moments = Moment::cases();

    return new Reading(
        "r{$number}",
        Make::day($date),
        $moments[$chance->between(0, 2)],
        $test,
        $raws[$test],
        $chance->happens(0.3) ? Zone::Crown : null,
        '',
        $chance->happens(0.2),
    );
}

it('stays within its scales, finite, positive and summing, over random records of any kind', function (): void {
    $chance = new SeededRandom(2027);
    for ($record = 0; $record < 120; $record++) {
        $washDays = $readings = [];
        for ($event = 0, $day = 0; $event < 14; $event++) {
            $day += $chance->happens(0.05) ? 365 : $chance->between(0, 20);
            $date = Make::day('2024-01-01')->modify("+{$day} days")->format('Y-m-d');
            $steps = array_map(fn (): Step => anyStep($chance), range(1, $chance->between(1, 5)));
            $washDays[] = new WashDay(
                "w{$event}",
                Make::day($date),
                $steps,
                $chance->happens(0.5) ? Place::Home : Place::Salon,
                $chance->happens(0.2),
            );
            if ($chance->happens(0.6)) {
                $readings[] = anyReading($chance, $date, $event);
            }
        }
        $head = Make::head(
            Porosity::cases()[$chance->between(0, 2)],
            $chance->happens(0.5) ? [Zone::Crown, Zone::Centre] : [],
            StylingLoad::cases()[$chance->between(0, 2)],
            hardness: (float) $chance->between(0, 1000),
            sensitive: $chance->happens(0.3),
        );
        $trace = KalmanFilter::follow(
            $head,
            $washDays,
            $readings,
            Make::day('2024-01-01')->modify('+' . ($day + 30) . ' days'),
        );
        $state = $trace->last()->state;
        foreach ($state->mean as $i => $value) {
            expect(is_finite($value))->toBeTrue()->and($state->covariance[$i][$i])->toBeGreaterThanOrEqual(0.0);
        }
        foreach (array_keys($head->strata) as $s) {
            foreach (
                [
                    StateLayout::MOISTURE,
                    StateLayout::PROTEIN,
                    StateLayout::WASHABLE,
                    StateLayout::STUBBORN,
                ] as $quantity
            ) {
                expect($state->value($s, $quantity))->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(100.0);
                $sum = array_sum(array_map(
                    fn (LedgerLine $line): int => $line->amounts[$s][$quantity],
                    $trace->ledger,
                ));
                expect($sum)->toBe((int) round($state->value($s, $quantity) * LedgerLine::MILLIONTHS));
            }
            expect($state->value($s, StateLayout::WEAR))->toBeGreaterThanOrEqual(0.0)
                ->and(array_sum(CellProbabilities::ofStratum($state, $s)))->toEqualWithDelta(1.0, 1e-9);
        }
    }
});

it('passes ten days at once as it passes them one by one', function (bool $sealed): void {
    $start = KalmanFilter::follow(
        Make::head(Porosity::High, [Zone::Nape]),
        [],
        Make::fiveReadings('2026-03-02'),
        Make::day(),
    )->last()->state;
    $once = Dynamics::afterDays($start, 10, $sealed)->state;
    $each = $start;
    for ($day = 0; $day < 10; $day++) {
        $each = Dynamics::afterDays($each, 1, $sealed)->state;
    }
    foreach ($once->mean as $i => $value) {
        expect($each->mean[$i])->toEqualWithDelta($value, 1e-9);
        foreach ($once->covariance[$i] as $j => $covariance) {
            expect($each->covariance[$i][$j])->toEqualWithDelta($covariance, 1e-6);
        }
    }
})->with(['open' => [false], 'sealed' => [true]]);

it('fades to half of what lay above the air in one half-life', function (Porosity $porosity, int $days): void {
    $point = Make::atTarget(Make::head($porosity));
    $air = AirMoisture::at(50, Parameters::shipped()->model);
    $start = $point->state->value(0, StateLayout::MOISTURE);
    $after = Dynamics::afterDays($point->state, $days, false)->state->value(0, StateLayout::MOISTURE);
    expect($after - $air)->toEqualWithDelta(($start - $air) / 2, 1e-9);
})->with([[Porosity::Low, 20], [Porosity::Medium, 15], [Porosity::High, 9]]);

it('loses moisture more slowly when sealed, and faster in dry air', function (): void {
    $point = Make::atTarget(Make::head());
    $left = fn (bool $sealed): float => Dynamics::afterDays(
        $point->state,
        10,
        $sealed,
    )->state->value(0, StateLayout::MOISTURE);
    expect($left(true))->toBeGreaterThan($left(false))
        ->and(
            AirMoisture::at(30, Parameters::shipped()->model),
        )->toBeLessThan(AirMoisture::at(50, Parameters::shipped()->model))
        ->and(AirMoisture::at(50, Parameters::shipped()->model))->toEqualWithDelta(28.0, 1e-9)
        ->and(AirMoisture::at(70, Parameters::shipped()->model))->toEqualWithDelta(28 + 2 * 3.8, 1e-9);
});

it('narrows with every reading and widens with every day', function (): void {
    $spread = fn (array $readings, string $until): float => KalmanFilter::follow(
        Make::head(),
        [],
        $readings,
        Make::day($until),
    )->last()->state->sd(0, StateLayout::MOISTURE);
    $readings = Make::fiveReadings('2026-03-02');
    $before = $spread([], '2026-03-02');
    foreach (range(1, 5) as $count) {
        $after = $spread(array_slice($readings, 0, $count), '2026-03-02');
        expect($after)->toBeLessThanOrEqual($before);
        $before = $after;
    }
    $confirmed = KalmanFilter::follow(
        Make::head(),
        [Make::washDay('2026-03-05', Make::usualWash())],
        $readings,
        Make::day('2026-03-05'),
    )->last()->state;
    expect($confirmed->sd(0, StateLayout::PROTEIN))->toBeGreaterThanOrEqual($spread($readings, '2026-03-02') * 0.5);
});

it('learns a head that fades faster than the trade’s average', function (): void {
    $readings = $washDays = [];
    for ($week = 0; $week < 20; $week++) {
        $date = Make::day('2026-01-05')->modify('+' . 7 * $week . ' days')->format('Y-m-d');
        // Always dry before the wash although it was masked each time.
        $readings[] = Make::reading($date, 'dryness', ['points' => 7]);
        $washDays[] = Make::washDay($date, [Step::cleanse(CleanseKind::Gentle), Step::mask(30)]);
    }
    $state = KalmanFilter::follow(Make::head(), $washDays, $readings, Make::day('2026-06-01'))->last()->state;
    $unlearned = KalmanFilter::follow(
        Make::head(),
        $washDays,
        $readings,
        Make::day('2026-06-01'),
        learning: false,
    )->last()->state;
    expect($state->mean[$state->layout->moistureFading])->toBeGreaterThan(0.1)
        ->and($unlearned->mean[$unlearned->layout->moistureFading])->toBe(0.0)
        ->and(
            $state->covariance[$state->layout->moistureFading][$state->layout->moistureFading],
        )->toBeLessThan(Parameters::shipped()->model->learnedPriorSd['moisture-fading'] ** 2);
});

it('takes an approximate date with more doubt than a sure one, and a day at home with more than a day in the salon', function (): void {
    $steps = [Step::strongProtein(10), Step::mask(25)];
    $sd = fn (WashDay $day): float => KalmanFilter::follow(
        Make::head(),
        [$day],
        [],
        Make::day(),
    )->last()->state->sd(0, StateLayout::PROTEIN);
    $sure = $sd(new WashDay('a', Make::day('2026-02-20'), $steps));
    expect($sd(new WashDay('a', Make::day('2026-02-20'), $steps, Place::Salon, true)))->toBeGreaterThan($sure)
        ->and($sd(new WashDay('a', Make::day('2026-02-20'), $steps, Place::Home)))->toBeGreaterThan($sure);
});
