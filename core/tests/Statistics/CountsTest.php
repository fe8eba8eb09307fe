<?php

declare(strict_types=1);

use Nagomi\Core\Products\WeightBounds;
use Nagomi\Core\Statistics\ControlChart;
use Nagomi\Core\Statistics\ExactInterval;
use Nagomi\Core\Statistics\Normal;
use Nagomi\Core\WashDay\CriticalPath;
use Nagomi\Core\WashDay\PathTask;

it('narrows with more of all and with a lower level', function (): void {
    $width = fn (int $hits, int $all, float $level = 0.95): float => ExactInterval::share(
        $hits,
        $all,
        $level,
    )[1] - ExactInterval::share($hits, $all, $level)[0];
    expect($width(5, 50))->toBeGreaterThan($width(50, 500))->and($width(5, 50))->toBeGreaterThan($width(5, 50, 0.8));
});

it('refuses counts, levels and charts that cannot be', function (callable $make): void {
    expect($make)->toThrow(InvalidArgumentException::class);
})->with([
    [fn () => ExactInterval::share(5, 4)], [fn () => ExactInterval::share(0, 0)],
    [fn () => ExactInterval::share(-1, 4)], [fn () => ExactInterval::share(1, 4, 1.0)],
    [fn () => ExactInterval::mean(-1)], [fn () => new ControlChart(5, 0.0)], [fn () => new ControlChart(5, 1.0, 1.5)],
    [fn () => new ControlChart(5, NAN)],
    [fn () => WeightBounds::of(0, 1.0)], [fn () => WeightBounds::of(2, 1.0, [0 => 30.0, 1 => 30.0])],
    [fn () => new PathTask('rinse', -1.0)], [fn () => new PathTask('rinse', INF)],
    [fn () => new CriticalPath([new PathTask('a', 1), new PathTask('a', 2)])],
    [fn () => new CriticalPath([new PathTask('a', 1, 0, ['b'])])],
    [fn () => new CriticalPath([new PathTask('a', 1, 0, ['b']), new PathTask('b', 1, 0, ['a'])])],
]);

it('calls a head changed once its average leaves the limits, not at one odd value', function (): void {
    $chart = new ControlChart(20, 4.0);
    $usual = [18.0, 23.0, 21.0, 17.0, 22.0];
    expect(array_column($chart->of([...$usual, 31.0]), 'changed'))->not->toContain(true)
        ->and(array_column($chart->of([...$usual, 31.0, 33.0, 34.0]), 'changed'))->toContain(true);
});

it('turns probabilities back into z', function (float $z): void {
    expect(Normal::quantile(Normal::cumulative($z)))->toEqualWithDelta($z, 1e-9);
})->with([-5.5, -1.2815515655446004, 0.0, 0.5, 2.0, 5.0]);

it('holds a finish up by what is on its path only', function (): void {
    $network = new CriticalPath([
        new PathTask('oil', 5, 30), new PathTask('wash', 10, 0, ['oil']), new PathTask('mask', 8, 25, ['wash']),
        new PathTask('tidy', 6, 0, ['wash']), new PathTask('rinse', 4, 0, ['mask']),
    ]);
    expect($network->finishMinutes)
        ->toBe(82.0)
        ->and($network->criticalPath())
        ->toBe(['oil', 'wash', 'mask', 'rinse'])
        ->and($network->slackMinutes('tidy'))
        ->toBe(31.0);
    expect((new CriticalPath([]))->finishMinutes)->toBe(0.0);
});

it('puts everything after phenoxyethanol at 1 % or less', function (): void {
    $bounds = WeightBounds::of(10, 1.0, [5 => 1.0], 5);
    foreach (array_slice($bounds, 5) as [$lower, $upper]) {
        expect($lower)->toBe(0.0)->and($upper)->toBeLessThanOrEqual(1.0 + 1e-9);
    }
    expect($bounds[0][0])->toBeGreaterThan(15.0);
});
