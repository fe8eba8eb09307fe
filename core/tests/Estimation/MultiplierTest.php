<?php

declare(strict_types=1);

use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Estimation\Dynamics;
use Nagomi\Core\Estimation\Forecast;
use Nagomi\Core\Estimation\Prediction;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\TreatmentContext;

/*
 * What is a head's own is a logarithm that multiplies a rate or a strength. At 0 it multiplies by one, and a sign
 * turned round
 * there is not seen: so everything is looked at away from 0, on both sides, against the formulas as docs/engine.md
 * writes them.
 */

const MULTIPLIERS = [[-0.6], [-0.2], [0.3], [0.7]];

/** A head at 70 and 55 with clean hair, sure of everything, whose own logarithms are as told. */
function own(float $moistureFading, float $proteinFading, float $uptake): State
{
    $layout = new StateLayout(Make::head(Porosity::High), [], new Humidity(60.0));
    $mean = array_fill(0, $layout->size, 0.0);
    foreach (array_keys($layout->head->strata) as $s) {
        $mean[$layout->of($s, StateLayout::MOISTURE)] = 70.0;
        $mean[$layout->of($s, StateLayout::PROTEIN)] = 55.0;
        $mean[$layout->of($s, StateLayout::WASHABLE)] = 4.0;
    }
    [$mean[$layout->moistureFading], $mean[$layout->proteinFading], $mean[$layout->uptake]] = [
        $moistureFading,
        $proteinFading,
        $uptake,
    ];

    return new State($layout, $mean, array_fill(0, $layout->size, array_fill(0, $layout->size, 0.0)));
}

function masked(State $state): Prediction
{
    return Dynamics::afterStep(
        $state,
        Forecast::effects($state->layout->head, Step::mask(20), new TreatmentContext($state->layout->head)),
        0.0,
    );
}

function proteined(State $state): Prediction
{
    return Dynamics::afterStep(
        $state,
        Forecast::effects($state->layout->head, Step::strongProtein(5), new TreatmentContext($state->layout->head)),
        0.0,
    );
}

/** Slope of one quantity against one other, from the mean alone. */
function numerically(State $state, callable $move, int $of, int $against): float
{
    $at = function (float $step) use ($state, $move, $of, $against): float {
        $mean = $state->mean;
        $mean[$against] += $step;

        return $move(new State($state->layout, $mean, $state->covariance))->state->mean[$of];
    };

    return ($at(1e-5) - $at(-1e-5)) / 2e-5;
}

it('fades moisture by a head’s own rate, as the formula says', function (float $own): void {
    $state = own($own, 0.0, 0.0);
    $model = Parameters::shipped()->model;
    $air = $model->airMoistureAtReference + $model->airMoisturePerRegainPoint * (
        Nagomi\Core\Climate\MoistureRegain::percentAt(60.0) - $model->regainAtReferencePercent
    );
    $rate = log(2) / Parameters::shipped()->model->moistureHalfLifeDays['high'] * exp($own);
    $after = Dynamics::afterDays($state, 6, false);
    expect($after->state->value(
        0,
        StateLayout::MOISTURE,
    ))->toEqualWithDelta($air + (70.0 - $air) * exp(-$rate * 6), 1e-9);
    // Faster for more, slower for less.
    expect(
        (
            $after->state->value(0, StateLayout::MOISTURE) - Dynamics::afterDays(
                own(0.0, 0.0, 0.0),
                6,
                false,
            )->state->value(0, StateLayout::MOISTURE)
        ) * $own,
    )->toBeLessThan(0.0);
})->with(MULTIPLIERS);

it('fades protein by a head’s own rate, as the formula says', function (float $own): void {
    $after = Dynamics::afterDays(own(0.0, $own, 0.0), 30, false)->state->value(0, StateLayout::PROTEIN);
    expect($after)->toEqualWithDelta(
        55.0 * 2 ** (-30 / Parameters::shipped()->model->proteinHalfLifeDays['high'] * exp($own)),
        1e-9,
    );
    expect(
        ($after - Dynamics::afterDays(own(0.0, 0.0, 0.0), 30, false)->state->value(0, StateLayout::PROTEIN)) * $own,
    )->toBeLessThan(0.0);
})->with(MULTIPLIERS);

it('takes treatments up as a head does, in proportion', function (float $own): void {
    $gain = fn (float $uptake, callable $treated, int $quantity): float => $treated(own(
        0.0,
        0.0,
        $uptake,
    ))->state->value(0, $quantity) - own(0.0, 0.0, $uptake)->value(0, $quantity);
    expect(
        $gain($own, masked(...), StateLayout::MOISTURE) / $gain(0.0, masked(...), StateLayout::MOISTURE),
    )->toEqualWithDelta(exp($own), 1e-9)
        ->and(
            $gain($own, proteined(...), StateLayout::PROTEIN) / $gain(0.0, proteined(...), StateLayout::PROTEIN),
        )->toEqualWithDelta(exp($own), 1e-9);
})->with(MULTIPLIERS);

it('says of every slope against a head’s own what the mean does, away from 0', function (float $own): void {
    $state = own($own, -$own / 2, $own / 3);
    $layout = $state->layout;
    $days = fn (State $from): Prediction => Dynamics::afterDays($from, 6, true);
    foreach ([
        [$days, StateLayout::MOISTURE, $layout->moistureFading], [$days, StateLayout::PROTEIN, $layout->proteinFading],
        [masked(...), StateLayout::MOISTURE, $layout->uptake], [proteined(...), StateLayout::PROTEIN, $layout->uptake],
    ] as [$move, $quantity, $against]) {
        $of = $layout->of(0, $quantity);
        $slope = $move($state)->slopes[$of][$against];
        expect($slope)
            ->toEqualWithDelta(numerically($state, $move, $of, $against), 1e-5)
            ->and(abs($slope))
            ->toBeGreaterThan(0.05);
    }
})->with(MULTIPLIERS);

it('lets readings pull what is a head’s own the way they say', function (float $own): void {
    // A head that is drier than expected after days fades faster; one that gained more takes up better.
    $prior = own($own, 0.0, $own);
    $layout = $prior->layout;
    $covariance = $prior->covariance;
    $covariance[$layout->moistureFading][$layout->moistureFading] = 0.04;
    $covariance[$layout->uptake][$layout->uptake] = 0.04;
    $state = new State($layout, $prior->mean, $covariance);
    $moisture = $layout->of(0, StateLayout::MOISTURE);
    expect(Dynamics::afterDays(
        $state,
        6,
        false,
    )->state->covariance[$moisture][$layout->moistureFading])->toBeLessThan(-0.05)
        ->and(masked($state)->state->covariance[$moisture][$layout->uptake])->toBeGreaterThan(0.05);
})->with(MULTIPLIERS);
