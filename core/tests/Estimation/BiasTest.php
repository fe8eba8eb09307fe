<?php

declare(strict_types=1);

use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Estimation\StylistBias;
use Nagomi\Core\Estimation\StylistBiasEstimator;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Support\Make;

it('finds who reads high from readings of the same heads by two stylists', function (): void {
    $chance = new SeededRandom(5);
    $truth = ['Ilse' => 0.5, 'Wren' => -0.3, 'Quim' => -0.2];
    $estimate = new StylistBiasEstimator(Sign::Dryness, Parameters::shipped()->signs);
    foreach (range(1, 240) as $i) {
        [$one, $other] = [['Ilse', 'Wren'], ['Wren', 'Quim'], ['Quim', 'Ilse']][$i % 3];
        $head = $chance->normal(4, 2);
        $estimate->readTwice(
            $one,
            $other,
            $head + $truth[$one] + $chance->normal(0, 1.2) - ($head + $truth[$other] + $chance->normal(0, 1.2)),
        );
    }
    $biases = $estimate->biases();
    expect($biases)
        ->toHaveCount(3)
        ->and(array_sum(array_map(fn (StylistBias $bias): float => $bias->mean, $biases)))
        ->toEqualWithDelta(0.0, 1e-9);
    foreach ($biases as $bias) {
        expect(abs($bias->mean - $truth[$bias->by]))
            ->toBeLessThan(3 * $bias->sd + 0.05)
            ->and($bias->sd)
            ->toBeLessThan(0.2);
    }
});

it('is the posterior of the linear model, counted out for two stylists', function (): void {
    // Two surprises of 1 ± 1 by one, one of −1 ± 1 by the other; prior sd 0.3 · 1.2.
    $estimate = new StylistBiasEstimator(Sign::Dryness, Parameters::shipped()->signs);
    $estimate->read('A', 1.0, 1.0);
    $estimate->read('A', 1.0, 1.0);
    $estimate->read('B', -1.0, 1.0);
    $prior = 1 / 0.36 ** 2;
    $a = 2 / (2 + $prior);
    $b = -1 / (1 + $prior);
    [$first, $second] = $estimate->biases();
    expect($first->mean)
        ->toEqualWithDelta(($a - $b) / 2, 1e-12)
        ->and($second->mean)
        ->toEqualWithDelta(($b - $a) / 2, 1e-12)
        ->and($first->sd)->toEqualWithDelta(sqrt(1 / (2 + $prior) + 1 / (1 + $prior)) / 2, 1e-12);
});

it('measures three stylists against the mean of all three, counted out', function (): void {
    $estimate = new StylistBiasEstimator(Sign::Dryness, Parameters::shipped()->signs);
    foreach (['A' => [2.0, 2.0, 2.0, 2.0], 'B' => [-1.0, -1.0], 'C' => [0.5]] as $by => $values) {
        foreach ($values as $value) {
            $estimate->read($by, $value, 1.0);
        }
    }
    $prior = 1 / 0.36 ** 2;
    $means = [8.0 / (4 + $prior), -2.0 / (2 + $prior), 0.5 / (1 + $prior)];
    $variances = [1 / (4 + $prior), 1 / (2 + $prior), 1 / (1 + $prior)];
    foreach ($estimate->biases() as $i => $bias) {
        expect($bias->mean)->toEqualWithDelta($means[$i] - array_sum($means) / 3, 1e-12)
            ->and($bias->sd ** 2)->toEqualWithDelta($variances[$i] / 3 + array_sum($variances) / 9, 1e-12);
    }
});

it('makes of two readings of one head what the model says, counted out', function (): void {
    $estimate = new StylistBiasEstimator(Sign::Dryness, Parameters::shipped()->signs);
    $estimate->readTwice('A', 'B', 2.0);
    // The difference of two normals with prior sd 0.36 each, read with twice the variance of one reading.
    $variance = 2 * Parameters::shipped()->signs->readingSd['dryness'] ** 2;
    $difference = 2.0 * 2 * 0.36 ** 2 / (2 * 0.36 ** 2 + $variance);
    $left = 2 * 0.36 ** 2 * $variance / (2 * 0.36 ** 2 + $variance);
    [$a, $b] = $estimate->biases();
    expect($a->mean)->toEqualWithDelta($difference / 2, 1e-12)
        ->and($b->mean)->toEqualWithDelta(-$difference / 2, 1e-12)
        ->and($a->sd)->toEqualWithDelta(sqrt($left) / 2, 1e-12);
});

it('says nothing of a stylist who works alone, and shrinks what rests on little', function (): void {
    $alone = new StylistBiasEstimator(Sign::Feel, Parameters::shipped()->signs);
    $alone->read('Ilse', 3.0, 1.0);
    expect($alone->biases())->toBe([]);
    $little = new StylistBiasEstimator(Sign::Feel, Parameters::shipped()->signs);
    $little->readTwice('Ilse', 'Wren', 2.0);
    expect(abs($little->biases()[0]->mean))->toBeLessThan(0.2);
});

it('takes the bias off what a stylist reads and lets its doubt join the noise', function (): void {
    $moisture = fn (array $biases): array => [
        (
            $state = KalmanFilter::through(
                new HeadHistory(
                    Make::head(),
                    [],
                    [Make::reading('2026-03-02', 'dryness', ['points' => 6])],
                    biases: $biases,
                ),
                Make::day(),
            )->last()->state
        )->value(0, StateLayout::MOISTURE),
        $state->sd(0, StateLayout::MOISTURE),
    ];
    [$plain, $plainSd] = $moisture([]);
    [$corrected, $correctedSd] = $moisture([new StylistBias('Ilse', Sign::Dryness, 1.0, 0.0)]);
    [, $doubtfulSd] = $moisture([new StylistBias('Ilse', Sign::Dryness, 1.0, 1.5)]);
    [$others] = $moisture([new StylistBias('Wren', Sign::Dryness, 1.0, 0.0)]);
    // She reads a point too dry: the head is moister than she says.
    expect($corrected)->toBeGreaterThan($plain + 1)->and($correctedSd)->toEqualWithDelta($plainSd, 1e-9)
        ->and($doubtfulSd)->toBeGreaterThan($plainSd + 0.5)->and($others)->toBe($plain);
    expect(fn () => new StylistBias('Ilse', Sign::Feel, NAN, 1))->toThrow(InvalidArgumentException::class);
});
