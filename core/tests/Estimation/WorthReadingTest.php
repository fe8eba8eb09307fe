<?php

declare(strict_types=1);


/** Minutes of the tests that can be taken before cleansing. */

use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\MeasurementUpdate;
use Nagomi\Core\Estimation\Observation\Observation;
use Nagomi\Core\Estimation\Observation\ObservationCatalogue;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Estimation\TestSelection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Readings\Test;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Validation\SimulatedLife;
use Nagomi\Core\Wording\Message;

function testsBefore(): array
{
    $tests = array_filter(
        TestCatalogue::tests(),
        fn (Test $test): bool => in_array(Moment::BeforeCleansing, $test->moments(), true),
    );

    return array_intersect_key(Parameters::shipped()->readings->testMinutes, $tests);
}

it('takes first what narrows most for each minute, within the minutes there are', function (): void {
    $state = KalmanFilter::follow(
        Make::head(),
        [Make::washDay('2026-02-02', Make::usualWash())],
        Make::fiveReadings('2026-02-02'),
        Make::day(),
    )->last()->state;
    $order = TestSelection::order($state, testsBefore(), 6.0);
    expect($order)->not->toBeEmpty()->and(array_sum(array_column($order, 'minutes')))->toBeLessThanOrEqual(6.0);
    foreach ($order as $i => $step) {
        expect($step['after'])->toBeLessThanOrEqual($step['before']);
        if ($i > 0) {
            expect($step['before'])->toEqualWithDelta($order[$i - 1]['after'], 1e-9);
        }
    }
    $gains = array_map(
        fn (array $step): float => ($step['before'] ** 2 - $step['after'] ** 2) / $step['minutes'],
        $order,
    );
    expect($gains[0])->toBe(max($gains));
    // What says nothing of the balance is never asked for its sake.
    expect(array_column($order, 'test'))->not->toContain('length')->not->toContain('scalp');
});

it('takes a test that needs exactly the minutes that are left', function (): void {
    $state = Make::atTarget(Make::head())->state;
    $takes = testsBefore()['dryness'];
    expect(TestSelection::order($state, ['dryness' => $takes], $takes))->toHaveCount(1)
        ->and(TestSelection::order($state, ['dryness' => $takes], $takes - 0.01))->toBe([]);
});

it('asks for what the doubt is about', function (): void {
    $state = Make::atTarget(Make::head())->state;
    $doubtful = function (int $quantity) use ($state): array {
        $covariance = $state->covariance;
        foreach (
            [
                StateLayout::MOISTURE, StateLayout::PROTEIN, StateLayout::WASHABLE, StateLayout::STUBBORN,
                StateLayout::WEAR,
            ] as $i
        ) {
            $covariance[$i][$i] = $i === $quantity ? 144.0 : 1.0;
        }

        return array_column(
            TestSelection::order(
                new Nagomi\Core\Estimation\State($state->layout, $state->mean, $covariance),
                testsBefore(),
                0.6,
            ),
            'test',
        );
    };
    expect(array_slice($doubtful(StateLayout::MOISTURE), 0, 2))->toContain('dryness')
        ->and($doubtful(StateLayout::PROTEIN))->toContain('curl-memory')->not->toContain('dryness');
});

it('names the test that says most of one reserve', function (): void {
    $state = KalmanFilter::follow(Make::head(), [], [], Make::day())->last()->state;
    expect(TestSelection::bestFor(
        $state,
        ['dryness' => 0.2, 'curl-memory' => 0.2],
        StateLayout::MOISTURE,
    ))->toBe('dryness')
        ->and(TestSelection::bestFor(
            $state,
            ['dryness' => 0.2, 'curl-memory' => 0.2],
            StateLayout::PROTEIN,
        ))->toBe('curl-memory')
        ->and(TestSelection::bestFor($state, ['length' => 0.2], StateLayout::PROTEIN))->toBeNull();
});

it('narrows virtual heads faster for each minute than the fixed order of the Bench', function (): void {
    $chosen = $fixed = 0.0;
    foreach (range(1, 24) as $seed) {
        $life = SimulatedLife::live($seed, 100);
        $state = KalmanFilter::through($life->history(), $life->from->modify('+99 days'))->last()->state;
        $minutes = 3.0;
        $order = TestSelection::order($state, testsBefore(), $minutes);
        $chosen += end($order)['after'];
        $left = $minutes;
        $narrowed = $state->withSigns(Nagomi\Core\Readings\Sign::cases());
        foreach (testsBefore() as $test => $takes) {
            if ($takes <= $left) {
                $narrowed = TestSelection::narrowed($narrowed, $test);
                $left -= $takes;
            }
        }
        $fixed += TestSelection::doubt($narrowed);
    }
    // By nine tenths of a percent, measured: three minutes are soon spent either way.
    expect($chosen)->toBeLessThan(0.995 * $fixed);
});

it('stops where the next test would not take enough of the doubt away for its minutes', function (): void {
    $state = Prior::of(Make::head());
    $all = TestSelection::order($state, testsBefore(), 60.0);
    $worth = TestSelection::order($state, testsBefore(), 60.0, 0.02);
    expect(count($worth))->toBeGreaterThan(1)->toBeLessThan(count($all))
        ->and(array_slice($all, 0, count($worth)))->toBe($worth);
    foreach ($worth as $step) {
        expect(1 - $step['after'] / $step['before'])->toBeGreaterThanOrEqual(0.02 * $step['minutes']);
    }
    $next = $all[count($worth)];
    expect(1 - $next['after'] / $next['before'])->toBeLessThan(0.02 * $next['minutes']);
});

it('counts minutes against what they give, in a row and for one reserve', function (): void {
    $state = Prior::of(Make::head())->withSigns(Nagomi\Core\Readings\Sign::cases());
    $variance = static fn (State $of, int $quantity): float => array_sum(array_map(
        static fn (int $s): float => $of->layout->head->strata[$s]->share * $of->sd($s, $quantity) ** 2,
        array_keys($of->layout->head->strata),
    ));
    // The doubt of the balance is the mean of both reserves, as a root.
    expect(TestSelection::doubt($state) ** 2)->toEqualWithDelta(
        ($variance($state, StateLayout::MOISTURE) + $variance($state, StateLayout::PROTEIN)) / 2,
        1e-9,
    );
    $gives = static fn (string $test, int $of): float => $variance($state, $of)
        - $variance(TestSelection::narrowed($state, $test), $of);
    // Dryness says more of moisture; in ten times the minutes it says less a minute.
    expect($gives('dryness', StateLayout::MOISTURE))->toBeGreaterThan($gives('feel', StateLayout::MOISTURE))
        ->and($gives('dryness', StateLayout::MOISTURE) / 10)->toBeLessThan($gives('feel', StateLayout::MOISTURE));
    [$alike, $longer] = [['dryness' => 1.0, 'feel' => 1.0], ['dryness' => 10.0, 'feel' => 1.0]];
    expect(TestSelection::bestFor($state, $alike, StateLayout::MOISTURE))->toBe('dryness')
        ->and(TestSelection::bestFor($state, $longer, StateLayout::MOISTURE))->toBe('feel')
        ->and(TestSelection::order($state, $longer, 20.0)[0]['test'])->toBe('feel');
    $first = TestSelection::order($state, $alike, 20.0)[0]['test'];
    expect(TestSelection::order($state, [$first => 10.0] + $alike, 20.0)[0]['test'])->not->toBe($first);
});

it('names the test that narrows one reserve most a minute; one that takes no time is none', function (): void {
    $state = Prior::of(Make::head());
    $gain = static function (string $test, float $minutes) use ($state): float {
        $narrowed = TestSelection::narrowed($state, $test);

        return ($state->sd(0, StateLayout::MOISTURE) ** 2 - $narrowed->sd(0, StateLayout::MOISTURE) ** 2) / $minutes;
    };
    $takes = ['dryness' => 1.0, 'feel' => 1.0, 'wet-stretch' => 9.0];
    $gains = array_map($gain, array_keys($takes), $takes);
    $best = array_keys($takes)[array_search(max($gains), $gains, true)];
    expect(TestSelection::bestFor($state, $takes, StateLayout::MOISTURE))->toBe($best)
        ->and(TestSelection::bestFor($state, ['dryness' => 0.0], StateLayout::MOISTURE))->toBeNull()
        ->and(TestSelection::bestFor($state, [], StateLayout::MOISTURE))->toBeNull();
});

it('takes a stretch of several hairs for as sure as the mean of them is, and a look for one look', function (): void {
    $state = Prior::of(Make::head());
    $parameters = Parameters::shipped();
    $with = static function (float $hairs, Sign ...$signs) use ($state, $parameters): State {
        $state = $state->withSigns(array_values($signs));

        return MeasurementUpdate::of($state, array_values(array_map(
            static function (Sign $sign) use ($state, $parameters, $hairs): Observation {
                $of = static fn (float $value): Observation => ObservationCatalogue::of(new MeasuredSign(
                    $sign,
                    $value,
                    $sign->sd($parameters->signs) / sqrt($hairs),
                    Message::asItIs(''),
                    $parameters->signs->untimedDaysSinceDetangled,
                ), $state->layout, null);

                return $of($of(0.0)->linearized($state)->expected);
            },
            $signs,
        )))->state;
    };
    $stretch = $with($parameters->readings->hairsOfAStretch, Sign::WetStretch, Sign::StretchReturn);
    $look = $with(1, Sign::Dryness);
    expect(TestSelection::narrowed($state, 'wet-stretch')->sd(0, StateLayout::MOISTURE))
        ->toEqualWithDelta($stretch->sd(0, StateLayout::MOISTURE), 1e-9)
        ->and(TestSelection::narrowed($state, 'dryness')->sd(0, StateLayout::MOISTURE))
        ->toEqualWithDelta($look->sd(0, StateLayout::MOISTURE), 1e-9);
});
