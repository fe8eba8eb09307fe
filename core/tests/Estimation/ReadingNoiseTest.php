<?php

declare(strict_types=1);

use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\ReadingNoise;
use Nagomi\Core\Estimation\ReadingNoiseEstimator;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Estimation\StylistBias;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Support\Make;

/** @param array<string, float> $scatter true factor by stylist */
function scattered(
    array $scatter,
    int $readings,
    float $gross = 0.0,
    ?Parameters $parameters = null,
): ReadingNoiseEstimator {
    $chance = new SeededRandom(31);
    $estimator = new ReadingNoiseEstimator(($parameters ?? Parameters::shipped())->signs);
    for ($i = 0; $i < $readings; $i++) {
        $by = array_keys($scatter)[$i % count($scatter)];
        $sign = ['dryness', 'feel', 'frizz'][$chance->between(0, 2)];
        $sd = sqrt(0.3 + 1.44 * $scatter[$by] ** 2) * ($chance->happens($gross) ? 8.0 : 1.0);
        $estimator->read($by, $sign, "head {$i}", $chance->normal(0, $sd), 0.3, 1.44);
    }

    return $estimator;
}

it('finds whose readings scatter, each within its doubt', function (): void {
    $truth = ['Ilse' => 1.0, 'Wren' => 0.8, 'Quim' => 1.8];
    $noises = scattered($truth, 900)->noises();
    foreach ($truth as $by => $factor) {
        $noise = $noises['by'][$by];
        // What all of them share is parted between them and the signs.
        expect(log($factor))->toEqualWithDelta($noise->log, 3 * $noise->sd + 0.05)
            ->and($noise->sd)->toBeLessThan(0.16)
            ->and($noise->readings)->toBe(300);
    }
    expect($noises['by']['Quim']->factor() / $noises['by']['Ilse']->factor())->toBeGreaterThan(1.6)->toBeLessThan(1.95)
        ->and(array_keys($noises['sign']))->toEqualCanonicalizing(['dryness', 'feel', 'frizz']);
});

it('says of one reading what can be counted out', function (): void {
    // One unknown: no state in doubt, so the score is z² − 1 and the information 2; a step at a time from 0.
    $estimator = new ReadingNoiseEstimator(Parameters::shipped()->with('signs.check-again-at-sd', 5.0)->signs);
    $estimator->read('', 'dryness', 'head', 2.0, 0.0, 1.0);
    $noise = $estimator->noises()['sign']['dryness'];
    // Where the posterior is highest, κ being 1 but for 6e-7: 4·e^(−2v) − 1 = 16·v; its score of 16·v counts for less
    // where it is beyond its information.
    $worth = min(1.0, 2 / (4 * exp(-2 * ($first = topOf(1.0))) - 1) ** 2);
    expect($noise->log)->toEqualWithDelta(topOf($worth), 1e-5)
        ->and($noise->sd)->toEqualWithDelta((16 + 2 * $worth) ** -0.5, 1e-5)
        ->and($first)->toBeGreaterThan(0.1);
});

function topOf(float $worth): float
{
    [$least, $most] = [0.0, 1.0];
    for ($i = 0; $i < 60; $i++) {
        $middle = ($least + $most) / 2;
        [$least, $most] = $worth * (4 * exp(-2 * $middle) - 1) > 16 * $middle ? [$middle, $most] : [$least, $middle];
    }

    return $least;
}

it('shrinks what rests on little, and says nothing of nothing', function (): void {
    expect((new ReadingNoiseEstimator(Parameters::shipped()->signs))->noises())->toBe(['by' => [], 'sign' => []]);
    $few = scattered(['Ilse' => 1.0, 'Quim' => 3.0], 6)->noises()['by']['Quim'];
    expect($few->factor())->toBeLessThan(1.5)->and($few->sd)->toBeGreaterThan(0.18);
    // A prior that holds nothing back follows few readings much further.
    $loose = Parameters::shipped()->with('signs.stylist-noise-prior', 0.7);
    expect(scattered(['Ilse' => 1.0, 'Quim' => 3.0], 6, parameters: $loose)->noises()['by']['Quim']->factor())
        ->toBeGreaterThan(1.1 * $few->factor());
    $loose = Parameters::shipped()->with('signs.sign-noise-prior', 0.05);
    $held = scattered(['Ilse' => 1.6], 300, parameters: $loose)->noises();
    expect(abs($held['sign']['feel']->log))->toBeLessThan(0.06)
        ->and($held['by']['Ilse']->factor())->toBeGreaterThan(1.3);
});

it('is not led away by one slip in fifty', function (): void {
    $clean = scattered(['Ilse' => 1.0, 'Wren' => 1.0], 800)->noises()['by'];
    $slips = scattered(['Ilse' => 1.0, 'Wren' => 1.0], 800, gross: 0.02)->noises()['by'];
    expect($slips['Ilse']->factor() / $clean['Ilse']->factor())->toBeLessThan(1.15);
});

it('is less sure where readings of one head hang together', function (): void {
    $sd = function (bool $apart): float {
        $chance = new SeededRandom(8);
        $estimator = new ReadingNoiseEstimator(Parameters::shipped()->signs);
        for ($head = 0; $head < 60; $head++) {
            // Heads whose readings are all close, and heads whose readings are all far.
            $sd = $head % 2 === 0 ? 0.3 : 1.7;
            foreach (range(1, 10) as $i) {
                $of = $apart ? "{$head} {$i}" : "{$head}";
                $estimator->read('', 'feel', $of, $chance->normal(0, $sd), 0.0, 1.44);
            }
        }

        return $estimator->noises()['sign']['feel']->sd;
    };
    expect($sd(false))->toBeGreaterThan(1.05 * $sd(true));
});

it('lets what scatters more tell less, and refuses noise that is none', function (): void {
    $state = fn (float $noise) => KalmanFilter::through(
        new HeadHistory(
            Make::head(),
            [],
            [Make::reading('2026-03-02', 'dryness', ['points' => 6])],
            biases: [new StylistBias('Ilse', Sign::Dryness, 0.0, 0.0, $noise)],
        ),
        Make::day(),
    );
    $moisture = fn (float $noise): array => [
        ($of = $state($noise)->last()->state)->value(0, StateLayout::MOISTURE), $of->sd(0, StateLayout::MOISTURE),
    ];
    [$usual, $usualSd] = $moisture(1.0);
    [$scattered, $scatteredSd] = $moisture(2.0);
    [$before] = $moisture(1e6);
    expect(abs($scattered - $before))->toBeLessThan(0.6 * abs($usual - $before))
        ->and($scatteredSd)->toBeGreaterThan($usualSd + 0.5)
        // The sign and its offset: twice the noise of the reading alone.
        ->and($state(2.0)->checks[0]->noiseSd)->toEqualWithDelta(2 * $state(1.0)->checks[0]->noiseSd, 1e-9)
        ->and($state(1.0)->checks[0]->noiseSd)->toEqualWithDelta(
            Parameters::shipped()->signs->readingSd['dryness'],
            1e-9,
        );
    foreach ([0.0, -1.0, INF, NAN] as $noise) {
        $bias = fn (): StylistBias => new StylistBias('Ilse', Sign::Feel, 0.0, 0.0, $noise);
        expect($bias)->toThrow(InvalidArgumentException::class);
    }
});

it('does not take the end of a scale for a steady hand', function (): void {
    foreach ([[10, 0.0], [0, 0.0], [9.5, 1.2]] as [$points, $noise]) {
        $run = KalmanFilter::through(
            new HeadHistory(Make::head(), [], [Make::reading('2026-03-02', 'dryness', ['points' => $points])]),
            Make::day(),
        );
        expect($run->checks[0]->noiseSd)->toEqualWithDelta($noise, 1e-9);
    }
});

it('says between what a factor lies, and lets nothing count for more than usual', function (): void {
    $twice = new ReadingNoise(log(2), 0.1, 40);
    $half = new ReadingNoise(log(0.5), 0.1, 40);
    expect($twice->between(1.0))->toEqualWithDelta([2 * exp(-0.1), 2 * exp(0.1)], 1e-12)
        ->and($half->factor())->toEqualWithDelta(0.5, 1e-12)
        ->and(ReadingNoise::counted($twice, $twice))->toEqualWithDelta(4.0, 1e-12)
        ->and(ReadingNoise::counted(null, $twice))->toEqualWithDelta(2.0, 1e-12)
        ->and(ReadingNoise::counted($half, $twice))->toEqualWithDelta(1.0, 1e-12)
        ->and(ReadingNoise::counted($half, null))->toBe(1.0)
        ->and(ReadingNoise::counted(null, null))->toBe(1.0);
});
