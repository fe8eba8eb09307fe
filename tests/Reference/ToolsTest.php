<?php

declare(strict_types=1);


/** @return array<string, mixed> */

use Nagomi\Core\Climate\DewPoint;
use Nagomi\Core\Products\WeightBounds;
use Nagomi\Core\Readings\Unit;
use Nagomi\Core\Statistics\ChiSquared;
use Nagomi\Core\Statistics\ControlChart;
use Nagomi\Core\Statistics\ExactInterval;
use Nagomi\Core\Trials\PermutationTest;
use Nagomi\Core\WashDay\CriticalPath;
use Nagomi\Core\WashDay\PathTask;
use Nagomi\Core\WashDay\WashDayPlan;
use Nagomi\Core\WashDay\WashDayStep;
use Nagomi\Core\WashDay\WashStepKind;
use Nagomi\Core\Wording\Message;

function values(string $name): array
{
    return json_decode((string) file_get_contents(__DIR__ . "/values/{$name}.json"), true, 32, JSON_THROW_ON_ERROR);
}

it('gives the intervals of R’s binom.test and poisson.test (scripts/intervals.R)', function (): void {
    foreach (
        values('intervals')['shares'] as ['hits' => $hits, 'all' => $all, 'level' => $level, 'interval' => $interval]
    ) {
        expect(ExactInterval::share($hits, $all, $level)[0])->toEqualWithDelta($interval[0], 1e-9)
            ->and(ExactInterval::share($hits, $all, $level)[1])->toEqualWithDelta($interval[1], 1e-9);
    }
    foreach (values('intervals')['means'] as ['count' => $count, 'level' => $level, 'interval' => $interval]) {
        expect(ExactInterval::mean($count, $level)[0])->toEqualWithDelta($interval[0], 1e-8)
            ->and(ExactInterval::mean($count, $level)[1])->toEqualWithDelta($interval[1], 1e-8);
    }
});

it('draws the control chart of the NIST/SEMATECH e-Handbook’s worked example (6.3.2.4; numbers from memory)', function (): void {
    $chart = new ControlChart(50, 2.0539, 0.3, 3);
    $values = [
        52.0, 47.0, 53.0, 49.3, 50.1, 47.0, 51.0, 50.1, 51.2, 50.5, 49.6, 47.6, 49.9, 51.3, 47.8, 51.2, 52.6, 52.4,
        53.6, 52.1,
    ];
    $averages = [
        50.60, 49.52, 50.56, 50.18, 50.16, 49.21, 49.75, 49.85, 50.26, 50.33, 50.11, 49.36, 49.52, 50.05, 49.38, 49.92,
        50.73, 51.23, 51.94, 51.99,
    ];
    expect($chart->settled()[0])
        ->toEqualWithDelta(47.4115, 0.001)
        ->and($chart->settled()[1])
        ->toEqualWithDelta(52.5884, 0.001);
    foreach ($chart->of($values) as $i => $point) {
        expect($point['average'])->toEqualWithDelta($averages[$i], 0.006)->and($point['changed'])->toBeFalse();
    }
});

it('gives the dew points of DIN 4108-3’s table to 0.15 °C (numbers from memory)', function (): void {
    $table = [
        10 => [50 => 0.1, 60 => 2.6, 70 => 4.8, 80 => 6.7, 90 => 8.4],
        20 => [30 => 1.9, 40 => 6.0, 50 => 9.3, 60 => 12.0, 70 => 14.4, 80 => 16.4, 90 => 18.3],
        25 => [30 => 6.2, 40 => 10.5, 50 => 13.9, 60 => 16.7, 70 => 19.1, 80 => 21.3, 90 => 23.2],
        30 => [30 => 10.5, 50 => 18.4, 70 => 23.9, 90 => 28.2],
    ];
    foreach ($table as $celsius => $row) {
        foreach ($row as $percent => $dewPoint) {
            expect(DewPoint::celsius($celsius, $percent))->toEqualWithDelta($dewPoint, 0.15);
        }
    }
    expect(DewPoint::celsius(17.0, 100.0))->toEqualWithDelta(17.0, 1e-9);
});

it('finds the critical path that networkx finds (scripts/networks.py)', function (): void {
    foreach (values('networks')['cases'] as $case) {
        $network = new CriticalPath(array_map(
            fn (array $task): PathTask => new PathTask(
                $task['key'],
                $task['hands_on'],
                $task['waiting'],
                $task['after'],
            ),
            $case['tasks'],
        ));
        expect($network->finishMinutes)->toEqualWithDelta($case['finish'], 1e-9);
        $critical = $network->criticalPath();
        foreach ($case['path'] as $key) {
            // A task of no length may stand at the end of the longest path or not.
            expect(
                in_array($key, $critical, true)
                    || $network->times[$key]['finish'] - $network->times[$key]['start'] === 0.0,
            )->toBeTrue();
        }
        foreach ($network->times as $key => ['start' => $start, 'latest' => $latest, 'finish' => $finish]) {
            expect($start)
                ->toBeLessThanOrEqual($latest + 1e-9)
                ->and($finish)
                ->toBeLessThanOrEqual($network->finishMinutes + 1e-9);
        }
    }
});

it('is done when networkx is done with days of every step there is (scripts/composed_days.py)', function (): void {
    $days = json_decode((string) file_get_contents(__DIR__ . '/../../core/tests/fixtures/wash-time.json'), true);
    $kinds = [];
    foreach (values('composed_days')['cases'] as $i => $case) {
        $steps = array_map(static fn (array $step): WashDayStep => new WashDayStep(
            WashStepKind::from($step['kind']),
            $step['key'],
            Message::asItIs($step['key']),
            (float) $step['hands_on_minutes'],
            waitingMinutes: (float) $step['waiting_minutes'],
            beside: $step['beside'],
            afterClient: $step['after_client'],
        ), $days[$i]['steps']);
        expect((new WashDayPlan($steps))->network->finishMinutes)->toEqualWithDelta($case['finish'], 1e-6);
        $kinds = [...$kinds, ...array_column($days[$i]['steps'], 'kind')];
    }
    expect(count(array_unique($kinds)))->toBe(count(WashStepKind::cases()) - 2);
});

it('bounds ingredient shares as two linear programs for every place of the 1 % line do (scripts/weight_bounds.py)', function (): void {
    foreach (values('weight_bounds')['cases'] as $case) {
        $most = [];
        foreach ($case['most'] as $place => $percent) {
            $most[(int) $place] = $percent;
        }
        foreach (WeightBounds::of($case['count'], 1.0, $most, $case['capped_from']) as $i => [$lower, $upper]) {
            expect($lower)
                ->toEqualWithDelta($case['bounds'][$i][0], 1e-6)
                ->and($upper)
                ->toEqualWithDelta($case['bounds'][$i][1], 1e-6);
        }
    }
});

it('knows that ingredient k is at most 100/k percent (EU 1223/2009 Art. 19(1)(g))', function (): void {
    foreach (WeightBounds::of(12, 1.0) as $i => [, $upper]) {
        expect($upper)->toEqualWithDelta(100 / ($i + 1), 1e-6);
    }
});

it('gates at the quantiles of R’s qchisq(2 * pnorm(3) - 1, degrees)', function (int $degrees, float $limit): void {
    expect(ChiSquared::limitLikeSd(3.0, $degrees))->toEqualWithDelta($limit, 1e-6);
})->with([
    [1, 9.0], [2, 11.8291580819], [3, 14.1564136091], [6, 20.0620861657], [12, 30.0972667296], [19, 40.6333685500],
]);

it('converts the units of the Bench as GNU units does (scripts/units.sh)', function (): void {
    $cases = values('units')['cases'];
    expect($cases)->toHaveCount(14);
    foreach ($cases as ['unit' => $unit, 'value' => $value, 'book' => $book, 'answer' => $answer]) {
        $unit = Unit::from($unit);
        expect($unit->ofTheBook())->toBe(Unit::from($book))
            ->and($unit->toBook($value))->toEqualWithDelta($answer, 1e-9 * max(1.0, abs($answer)))
            ->and($unit->fromBook($answer))->toEqualWithDelta($value, 1e-9 * max(1.0, abs($value)));
    }
});

it('tests trials as R’s own enumeration does (scripts/trials.R)', function (): void {
    $cases = values('trials')['cases'];
    expect($cases)->toHaveCount(6);
    foreach (
        $cases as ['kind' => $kind, 'first' => $first, 'second' => $second, 'difference' => $difference, 'p' => $p]
    ) {
        $told = $kind === 'paired'
            ? PermutationTest::paired(array_map(floatval(...), $first), array_map(floatval(...), $second))
            : PermutationTest::apart(array_map(floatval(...), $first), array_map(floatval(...), $second));
        expect($told->difference)->toEqualWithDelta($difference, 1e-9)->and($told->p)->toEqualWithDelta($p, 1e-9);
    }
});
