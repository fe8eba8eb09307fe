<?php

declare(strict_types=1);


/** A state with one stratum whose quantities are given, known to a standard deviation each. */

use Nagomi\Core\Estimation\ExpectedBreakage;
use Nagomi\Core\Estimation\MeasurementUpdate;
use Nagomi\Core\Estimation\Observation\CappedMean;
use Nagomi\Core\Estimation\Observation\HairCount;
use Nagomi\Core\Estimation\Observation\LinearGaussian;
use Nagomi\Core\Estimation\Observation\ObservationCatalogue;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\BrokenHairs;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Wording\Message;

function stateAt(float $moisture, float $protein, float $wear = 0.0, float $sd = 1.0): State
{
    $state = Make::atTarget(Make::head())->state->withSigns(Sign::cases());
    $mean = $state->mean;
    $mean[StateLayout::MOISTURE] = $moisture;
    $mean[StateLayout::PROTEIN] = $protein;
    $mean[StateLayout::WEAR] = $wear;
    $covariance = $state->covariance;
    foreach (
        [
            StateLayout::MOISTURE, StateLayout::PROTEIN, StateLayout::WASHABLE, StateLayout::STUBBORN,
            StateLayout::WEAR,
        ] as $i
    ) {
        $covariance[$i][$i] = $sd ** 2;
    }
    // The head's own offsets are taken as known here.
    foreach (Sign::cases() as $sign) {
        $covariance[$state->layout->offset($sign)][$state->layout->offset($sign)] = 0.0;
    }

    return new State($state->layout, $mean, $covariance);
}

it('expects of a head at its targets what the equations say', function (Sign $sign, float $expected): void {
    $state = stateAt(60, 60);
    $observation = ObservationCatalogue::of(
        new MeasuredSign($sign, $expected, 1.0, Message::asItIs(''), 7.0),
        $state->layout,
        null,
    );
    expect($observation->linearized($state)->expected)->toEqualWithDelta($expected, 0.02);
})->with([
    // Hairs that would return by 95 ± 5 % and are capped at 100 return by 95 − 5 · (φ(1) − (1 − Φ(1))) on average.
    [Sign::WetStretch, 45.0], [Sign::StretchReturn, 95 - 5 * 0.0833154706], [Sign::Feel, 0.0], [Sign::Dryness, 3.0],
    [Sign::BuildUpSigns, 1.0],
    // (7 days + 2) × 1.5 hairs, nothing worn, nothing out of band.
    [Sign::Broken, 13.5],
]);

it('moves its expectation with the reserves as the equations say', function (Sign $sign, float $moisture, float $protein, float $expected): void {
    $state = stateAt(60 + $moisture, 60 + $protein);
    $observation = ObservationCatalogue::of(
        new MeasuredSign($sign, 0.0, 1.0, Message::asItIs('')),
        $state->layout,
        null,
    );
    expect($observation->linearized($state)->expected)->toEqualWithDelta($expected, 1e-7);
})->with([
    'dry hair stretches less' => [Sign::WetStretch, -20, 0, 35.0],
    'much protein stretches less' => [Sign::WetStretch, 0, 20, 39.0],
    // Far below the cap the line is all there is.
    'weak hair does not return' => [Sign::StretchReturn, 0, -58, 71.8],
    'moist hair is mushy' => [Sign::Feel, 20, 0, 2.0],
    'protein is stiff' => [Sign::Feel, 0, 20, -2.0],
    'dry hair is dry' => [Sign::Dryness, -30, 0, 6.0],
]);

it('expects more broken hairs of worn hair and of hair out of its band, and none more within it', function (): void {
    $expected = function (float $moisture, float $protein, float $wear): float {
        $state = stateAt($moisture, $protein, $wear, 0.5);

        return (new HairCount(
            Sign::Broken,
            10,
            BrokenHairs::usualBroken(7, Parameters::shipped()->signs),
            [0 => 1.0],
        ))->linearized($state)->expected;
    };
    expect($expected(60, 60, 0))->toEqualWithDelta(13.5, 0.01)
        ->and($expected(66, 54, 0))->toEqualWithDelta(13.5, 0.01)
        ->and($expected(60, 60, 20))->toEqualWithDelta(13.5 * exp(0.6), 0.02)
        ->and($expected(35, 60, 0))->toEqualWithDelta(13.5 * exp(0.3), 0.02)
        ->and($expected(60, 85, 0))->toEqualWithDelta(13.5 * exp(0.3), 0.02);
});

it('knows of a head’s own count of broken hairs what was learned, and nothing where none was counted', function (): void {
    $state = stateAt(60, 60);
    $mean = $state->mean;
    $mean[$state->layout->offset(Sign::Broken)] = 0.4;
    $counted = new State($state->layout, $mean, $state->covariance);
    expect(ExpectedBreakage::ownOffset($counted))->toBe(0.4)
        ->and(ExpectedBreakage::ownOffset(Prior::of(Make::head())))->toBe(0.0)
        ->and(ExpectedBreakage::expected($state, 7))->toEqualWithDelta(13.5, 0.01)
        ->and(ExpectedBreakage::expected($state, 7, 0.4))->toEqualWithDelta(13.5 * exp(0.4), 0.01);
});

it('lays the count straight with the slope that numbers give', function (): void {
    foreach ([[40, 60, 10], [60, 38, 5], [52, 70, 25]] as [$moisture, $protein, $wear]) {
        $state = stateAt($moisture, $protein, $wear, 6.0);
        $observation = new HairCount(
            Sign::Broken,
            20,
            BrokenHairs::usualBroken(9, Parameters::shipped()->signs),
            [0 => 1.0],
        );
        $equation = $observation->linearized($state);
        foreach ([StateLayout::MOISTURE, StateLayout::PROTEIN, StateLayout::WEAR] as $index) {
            $at = function (float $shift) use ($state, $observation, $index): float {
                $mean = $state->mean;
                $mean[$index] += $shift;

                return log($observation->linearized(new State($state->layout, $mean, $state->covariance))->expected);
            };
            expect($equation->slopes[$index])->toEqualWithDelta(($at(1e-4) - $at(-1e-4)) / 2e-4, 1e-5);
        }
    }
});

it('lays every sign straight with the slope that numbers give, for all it may hang on', function (Sign $sign): void {
    $head = Make::head(lowZones: [Zone::Crown]);
    $state = Prior::of($head)->withSigns([$sign]);
    // Away from where any of it is at rest: out of band, loaded, worn, and read by other eyes.
    foreach ($state->mean as $i => $value) {
        $mean[$i] = $value + 7 * sin(3 * $i + 1);
    }
    $mean[$state->layout->offset($sign)] = 0.2;
    foreach ($state->layout->rates() as $index) {
        $mean[$index] = 0.1;
    }
    $observation = ObservationCatalogue::of(
        new MeasuredSign($sign, 3.0, 1.5, Message::asItIs(''), 7.0),
        $state->layout,
        null,
    );
    $expects = function (int $index, float $shift) use ($state, $mean, $observation, $sign): float {
        $mean[$index] += $shift;
        $expected = $observation->linearized(new State($state->layout, $mean, $state->covariance))->expected;

        return $sign->isCount() ? log($expected) : $expected;
    };
    $slopes = $observation->linearized(new State($state->layout, $mean, $state->covariance))->slopes;
    foreach (array_keys($mean) as $index) {
        $numeric = ($expects($index, 1e-4) - $expects($index, -1e-4)) / 2e-4;
        expect($slopes[$index] ?? 0.0)->toEqualWithDelta($numeric, 1e-6, "{$sign->value} by {$index}");
    }
    expect(array_filter($slopes))->not->toBeEmpty();
})->with(array_values(array_filter(
    Sign::cases(),
    fn (Sign $sign): bool => $sign->tellsOfBalance(Parameters::shipped()->signs),
)));

it('finds the mode of the true posterior of a count, by brute force', function (): void {
    // One quantity in doubt: wear, prior 10 ± 8; 40 broken hairs where 13.5 would be usual.
    $state = stateAt(60, 60, 10, 0.01);
    $covariance = $state->covariance;
    $covariance[StateLayout::WEAR][StateLayout::WEAR] = 64.0;
    $state = new State($state->layout, $state->mean, $covariance);
    $after = MeasurementUpdate::of(
        $state,
        [new HairCount(Sign::Broken, 40, BrokenHairs::usualBroken(7, Parameters::shipped()->signs), [0 => 1.0])],
    )->state;

    $best = [-INF, 0.0];
    for ($wear = 0.0; $wear < 60; $wear += 0.005) {
        $mean = 13.5 * exp(0.03 * $wear);
        // Negative binomial of size 6, up to constants, and the prior.
        $log = 40 * log($mean) - (40 + 6) * log(6 + $mean) - ($wear - 10) ** 2 / 128;
        $best = max($best, [$log, $wear]);
    }
    expect($after->value(0, StateLayout::WEAR))->toEqualWithDelta($best[1], 0.02);
});

it('takes a full return as “at least”, and finds the posterior mode by brute force', function (): void {
    $state = stateAt(60, 60);
    $covariance = $state->covariance;
    $covariance[StateLayout::PROTEIN][StateLayout::PROTEIN] = 144.0;
    $state = new State($state->layout, $state->mean, $covariance);
    // Return = 95 + .4 (P − 60), read as 100 or more, noise 5.
    $after = MeasurementUpdate::of(
        $state,
        [new CappedMean(95 - 0.4 * 60, [StateLayout::PROTEIN => 0.4], 100.0, 100.0, 5.0)],
    )->state;
    $best = [-INF, 0.0];
    for ($protein = 20.0; $protein < 120; $protein += 0.01) {
        $z = (95 + 0.4 * ($protein - 60) - 100) / 5;
        $log = log(Nagomi\Core\Statistics\Normal::cumulative($z)) - ($protein - 60) ** 2 / 288;
        $best = max($best, [$log, $protein]);
    }
    expect($after->value(0, StateLayout::PROTEIN))->toEqualWithDelta($best[1], 0.03)
        ->and($after->value(0, StateLayout::PROTEIN))->toBeGreaterThan(60.0);
});

it('splits a correction by reading so that the parts sum to the whole', function (): void {
    $state = stateAt(50, 55, 5, 10.0);
    $observations = array_map(
        fn (array $one) => ObservationCatalogue::of(
            new MeasuredSign($one[0], $one[1], $one[0]->sd(Parameters::shipped()->signs), Message::asItIs(''), 7.0),
            $state->layout,
            null,
        ),
        [[Sign::Dryness, 6.0], [Sign::Feel, -2.0], [Sign::WetStretch, 38.0], [Sign::Broken, 25.0]],
    );
    $updated = MeasurementUpdate::of($state, $observations);
    [$after, $moves] = [$updated->state, $updated->moves()];
    foreach ($after->mean as $i => $value) {
        expect($state->mean[$i] + array_sum(array_column($moves, $i)))->toEqualWithDelta($value, 1e-7);
    }
    $other = MeasurementUpdate::of($state, array_reverse($observations))->state;
    foreach ($after->mean as $i => $value) {
        expect($other->mean[$i])->toEqualWithDelta($value, 1e-8);
    }
});

it('sees a zone’s stratum by that zone’s hair, and the whole head by everybody’s share', function (): void {
    $head = Make::head(lowZones: [Zone::Crown]);
    $state = Prior::of($head)->withSigns([Sign::Dryness]);
    $layout = $state->layout;
    $slopes = fn (?Zone $zone): array => ObservationCatalogue::of(
        new MeasuredSign(Sign::Dryness, 3.0, 1.2, Message::asItIs('')),
        $layout,
        $zone,
    )->linearized($state)->slopes;
    expect($slopes(Zone::Crown))->toHaveKey($layout->of(
        1,
        StateLayout::MOISTURE,
    ))->not->toHaveKey($layout->of(0, StateLayout::MOISTURE));
    expect($slopes(null)[$layout->of(0, StateLayout::MOISTURE)])->toEqualWithDelta(-0.1 * 0.86, 1e-9)
        ->and($slopes(null)[$layout->of(1, StateLayout::MOISTURE)])->toEqualWithDelta(-0.1 * 0.14, 1e-9);
});

it('is the textbook’s scalar Kalman update in the plainest case', function (): void {
    // Prior 50 ± 10, reading 60 ± 5 of the quantity itself: weight 100/125.
    $state = stateAt(50, 60);
    $covariance = $state->covariance;
    $covariance[StateLayout::MOISTURE][StateLayout::MOISTURE] = 100.0;
    $after = MeasurementUpdate::of(
        new State($state->layout, $state->mean, $covariance),
        [new LinearGaussian(0.0, [StateLayout::MOISTURE => 1.0], 60.0, 5.0)],
    )->state;
    expect($after->value(0, StateLayout::MOISTURE))->toEqualWithDelta(58.0, 1e-9)
        ->and($after->sd(0, StateLayout::MOISTURE, Parameters::shipped()->signs) ** 2)->toEqualWithDelta(20.0, 1e-9);
});

it('has of what stands capped at a limit the mean and the variance that a sum over all values has', function (
    float $line,
): void {
    [$limit, $sd] = [100.0, 8.0];
    $at = Make::atTarget(Make::head())->state;
    $equation = (new CappedMean($line, [], $limit, 60.0, $sd))->linearized($at);
    [$sum, $square, $all] = [0.0, 0.0, 0.0];
    for ($z = -8.0; $z <= 8.0; $z += 0.001) {
        $value = min($limit, $line + $sd * $z);
        $weight = exp(-$z ** 2 / 2);
        $sum += $weight * $value;
        $square += $weight * $value ** 2;
        $all += $weight;
    }
    $mean = $sum / $all;
    expect($equation->expected)->toEqualWithDelta($mean, 1e-3)
        ->and($equation->innovation)->toEqualWithDelta(60.0 - $mean, 1e-3)
        ->and($equation->variance)->toEqualWithDelta(max((0.05 * $sd) ** 2, $square / $all - $mean ** 2), 2e-2);
})->with([60.0, 95.0, 102.0, 112.0]);

it('is off by what was read less what was expected', function (Sign $sign): void {
    $state = Make::atTarget(Make::head())->state->withFixedSigns([$sign]);
    foreach ([2.0, 4.0] as $value) {
        $equation = ObservationCatalogue::of(
            new MeasuredSign($sign, $value, 1.0, Message::asItIs(''), null),
            $state->layout,
            null,
        )->linearized($state);
        expect($equation->innovation)->toEqualWithDelta($value - $equation->expected, 1e-9);
    }
})->with([
    [Sign::Dryness], [Sign::Feel], [Sign::CurlMemory], [Sign::BuildUpSigns], [Sign::Frizz], [Sign::Softness],
]);

it('hears a zone nobody told of as the whole head', function (): void {
    $head = Make::head(lowZones: [Zone::Crown]);
    $head = $head->withZones(array_values(array_filter(
        $head->zoneParts,
        static fn ($part): bool => $part->zone !== Zone::Nape,
    )));
    $state = Prior::of($head)->withSigns([Sign::Dryness]);
    $of = static fn (?Zone $zone): array => ObservationCatalogue::of(
        new MeasuredSign(Sign::Dryness, 4.0, 1.0, Message::asItIs(''), null),
        $state->layout,
        $zone,
    )->linearized($state)->slopes;
    expect($of(Zone::Nape))->toEqual($of(null))->and($of(Zone::Crown))->not->toEqual($of(null));
});
