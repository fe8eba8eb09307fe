<?php

declare(strict_types=1);

use Nagomi\Core\Estimation\ExpectedSign;
use Nagomi\Core\Estimation\Observation\ObservationCatalogue;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Wording\Message;

/** A reading of a sign as any other of it, ten days after the last detangling. */
function readingLike(Sign $sign): MeasuredSign
{
    $sd = $sign->sd(Make::head()->parameters->signs);

    return new MeasuredSign($sign, 10.0, $sd, Message::asItIs(''), $sign === Sign::Broken ? 10.0 : null);
}

/** A state of one stratum, known exactly but for what the test leaves in doubt. */
function knownState(Sign $sign, array $at, array $sds = []): State
{
    $snapshot = Make::atTarget(Make::head());
    $state = $snapshot->state->withFixedSigns([$sign]);
    $mean = $state->mean;
    $covariance = $state->covariance;
    foreach ($at as $quantity => $value) {
        $mean[$quantity] = $value;
    }
    foreach ($sds as $quantity => $sd) {
        $covariance[$quantity][$quantity] = $sd ** 2;
    }

    return new State($state->layout, $mean, $covariance);
}

/** One reading of a head whose state is known exactly, drawn by hand. */
function drawnReading(Sign $sign, array $at, SeededRandom $random): float
{
    $state = knownState($sign, $at);
    $equation = ObservationCatalogue::of(readingLike($sign), $state->layout, null)->linearized($state);
    $value = $sign->isCount()
        ? $equation->expected * exp($random->normal(0.0, sqrt($equation->variance)))
        : $equation->expected + $random->normal(0.0, sqrt($equation->variance));

    return max($sign->limits()[0], min($sign->limits()[1], $value));
}

dataset('signs held against the hair', [
    [Sign::WetStretch], [Sign::Feel], [Sign::CurlMemory], [Sign::BuildUpSigns], [Sign::Broken], [Sign::Dryness],
]);

it('holds four of five readings of hair as it stands, by drawn states', function (Sign $sign): void {
    $random = new SeededRandom(4);
    $state = knownState($sign, [], [StateLayout::MOISTURE => 6.0, StateLayout::PROTEIN => 5.0]);
    [$low, $high] = ExpectedSign::asItStands($state, readingLike($sign), null);
    $inside = 0;
    for ($draw = 0; $draw < 2000; $draw++) {
        $value = drawnReading($sign, [
            StateLayout::MOISTURE => $random->normal($state->mean[StateLayout::MOISTURE], 6.0),
            StateLayout::PROTEIN => $random->normal($state->mean[StateLayout::PROTEIN], 5.0),
        ], $random);
        $inside += $value >= $low && $value <= $high ? 1 : 0;
    }
    expect($inside / 2000)->toBeGreaterThan(0.74)->toBeLessThan($low <= $sign->limits()[0] ? 0.96 : 0.87);
})->with('signs held against the hair');

it('holds four of five readings of hair in balance, by places drawn from the band', function (Sign $sign): void {
    $random = new SeededRandom(5);
    // Where the hair stands must not matter.
    $dry = knownState($sign, [StateLayout::MOISTURE => 5.0, StateLayout::PROTEIN => 5.0]);
    $target = Make::atTarget(Make::head())->state->mean;
    $parameters = $dry->layout->parameters;
    $band = $parameters->model->bandHalfWidth;
    [$low, $high] = ExpectedSign::inBalance($dry, readingLike($sign), null);
    $inside = 0;
    for ($draw = 0; $draw < 2000; $draw++) {
        $value = drawnReading($sign, [
            StateLayout::MOISTURE => $target[StateLayout::MOISTURE] + $band * (2 * $random->uniform() - 1),
            StateLayout::PROTEIN => $target[StateLayout::PROTEIN] + $band * (2 * $random->uniform() - 1),
            StateLayout::WASHABLE => $parameters->planning->buildUpLimit * $random->uniform(),
            StateLayout::STUBBORN => 0.0,
        ], $random);
        $inside += $value >= $low && $value <= $high ? 1 : 0;
    }
    expect($inside / 2000)->toBeGreaterThan(0.74)->toBeLessThan($low <= $sign->limits()[0] ? 0.96 : 0.87);
})->with('signs held against the hair');

it('expects another stretch of dry hair than of hair in balance', function (): void {
    $dry = knownState(Sign::WetStretch, [StateLayout::MOISTURE => 5.0]);
    expect(ExpectedSign::asItStands($dry, readingLike(Sign::WetStretch), null)[1])
        ->toBeLessThan(ExpectedSign::inBalance($dry, readingLike(Sign::WetStretch), null)[1]);
});

it('stays on the scale', function (): void {
    foreach ([Sign::Feel, Sign::StretchReturn, Sign::BuildUpSigns, Sign::Broken] as $sign) {
        $state = knownState($sign, [], [StateLayout::MOISTURE => 40.0, StateLayout::PROTEIN => 40.0]);
        foreach (['asItStands', 'inBalance'] as $yardstick) {
            [$low, $high] = ExpectedSign::$yardstick($state, readingLike($sign), null);
            expect($low)->toBeGreaterThanOrEqual($sign->limits()[0])->toBeLessThan($high)
                ->and($high)->toBeLessThanOrEqual($sign->limits()[1]);
        }
    }
});

it('leaves open what balance does not change: how worn the hair is, and the head’s own of a sign', function (): void {
    $width = static function (array $sds, bool $ofOffset = false): float {
        $state = knownState(Sign::Broken, [], $sds);
        if ($ofOffset) {
            $offset = $state->layout->offset(Sign::Broken);
            $covariance = $state->covariance;
            $covariance[$offset][$offset] += 0.5 ** 2;
            $state = new State($state->layout, $state->mean, $covariance);
        }
        [$low, $high] = ExpectedSign::inBalance($state, readingLike(Sign::Broken), null);

        return $high - $low;
    };
    expect($width([StateLayout::WEAR => 25.0]))->toBeGreaterThan(1.02 * $width([]))
        ->and($width([], true))->toBeGreaterThan(1.05 * $width([]))
        ->and($width([StateLayout::MOISTURE => 25.0]))->toEqualWithDelta($width([]), 1e-9);
});
