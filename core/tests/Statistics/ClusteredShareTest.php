<?php

declare(strict_types=1);

use Nagomi\Core\Statistics\ClusteredShare;
use Nagomi\Core\Statistics\ExactInterval;
use Nagomi\Core\Statistics\SeededRandom;

it('is as wide as clients differ, however many hairs were counted', function (): void {
    $alike = ClusteredShare::interval(array_fill(0, 8, [120, 1000]), 0.8);
    $apart = ClusteredShare::interval([[20, 1000], [220, 1000], [40, 1000], [200, 1000]], 0.8);
    $tenfold = ClusteredShare::interval([[200, 10000], [2200, 10000], [400, 10000], [2000, 10000]], 0.8);
    expect($alike[0])->toBe(0.12)
        ->and([$alike[1], $alike[2]])->toBe(ExactInterval::share(960, 8000, 0.8))
        ->and($apart[2] - $apart[1])->toBeGreaterThan(0.15)
        ->and($tenfold[1])->toEqualWithDelta($apart[1], 1e-9)
        ->and($tenfold[2])->toEqualWithDelta($apart[2], 1e-9);
});

it('holds four of five shares of clients who differ, where hairs alone hold hardly any', function (): void {
    $random = new SeededRandom(8);
    $truth = 0.0;
    for ($i = 0; $i < 20000; $i++) {
        $truth += 1 / (1 + exp(-$random->normal(-2.2, 0.8))) / 20000;
    }
    $holds = $alone = 0;
    for ($salon = 0; $salon < 500; $salon++) {
        $clusters = [];
        for ($client = 0; $client < 12; $client++) {
            $share = 1 / (1 + exp(-$random->normal(-2.2, 0.8)));
            $all = $random->between(300, 4000);
            $clusters[] = [$random->poisson($share * $all), $all];
        }
        [, $least, $most] = ClusteredShare::interval($clusters, 0.8);
        $holds += $truth >= $least && $truth <= $most ? 1 : 0;
        [$low, $high] = ExactInterval::share(
            array_sum(array_column($clusters, 0)),
            array_sum(array_column($clusters, 1)),
            0.8,
        );
        $alone += $truth >= $low && $truth <= $high ? 1 : 0;
    }
    expect($holds / 500)->toBeGreaterThan(0.73)->toBeLessThan(0.87)->and($alone / 500)->toBeLessThan(0.4);
});

it('stays on the scale with none, all, one client and clients without a hair', function (): void {
    expect(ClusteredShare::interval([[0, 40], [0, 60], [0, 0]], 0.8)[1])->toBe(0.0)
        ->and(ClusteredShare::interval([[40, 40], [60, 60]], 0.8)[2])->toBe(1.0)
        ->and(ClusteredShare::interval([[3, 40]], 0.8))->toBe([3 / 40, ...ExactInterval::share(3, 40, 0.8)])
        ->and(ClusteredShare::interval([[1, 1], [0, 1]], 0.8)[2])->toBeLessThan(1.0)
        ->and(fn () => ClusteredShare::interval([[0, 0]], 0.8))->toThrow(InvalidArgumentException::class);
});
