<?php

declare(strict_types=1);

/*
 * What a hair test is worth to what is done next: held against drawn states that the season is walked from, and against
 * the integral it stands for.
 */

use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Estimation\TestSelection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\DecidingTests;
use Nagomi\Core\Planning\FixedWashDay;
use Nagomi\Core\Planning\ForecastUncertainty;
use Nagomi\Core\Planning\HairAhead;
use Nagomi\Core\Planning\MeanSimulator;
use Nagomi\Core\Planning\NextDecision;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\ProteinEvidence;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\SeasonWalk;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Statistics\Cholesky;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;
use Nagomi\Core\Validation\SimulatedLife;

/** @return array{Snapshot, list<WashDay>, PlanTerms, Plan} of a virtual head that was read by three tests, and not lately */
function decidesOn(int $seed, int $days = 120): array
{
    $life = SimulatedLife::live($seed, $days);
    $last = $life->from->modify('+' . ($days - 1) . ' days');
    $history = $life->history();
    $isRead = static fn (Reading $one): bool => $one->date < $last->modify('-24 days')
        && in_array($one->test, ['dryness', 'feel', 'result'], true);
    $history = new HeadHistory(
        $history->head,
        $history->washDays,
        array_values(array_filter($history->readings, $isRead)),
        air: $history->air,
    );
    $run = KalmanFilter::through($history, $last);
    $limits = Parameters::shipped()->planning;
    $terms = new PlanTerms(evidence: ProteinEvidence::ofRun($run, $history->washDays, $last, $limits));

    return [$run->last(), $history->washDays, $terms, Planner::plan($run->last(), $history->washDays, 12, $terms)];
}

function aDecision(float $dearer, float $slope, State $state): NextDecision
{
    $option = static fn (StepKind $how): WashOption => new WashOption(CleanseKind::Gentle, 1, $how, 10.0);

    return new NextDecision(
        new DateTimeImmutable('2026-06-01'),
        $option(StepKind::Mask),
        $option(StepKind::Conditioner),
        // A straight line: as much dearer a standard deviation as the slope says.
        array_map(static fn (float $sds): array => [
            $sds, $dearer + abs($slope) * $state->sd(0, StateLayout::MOISTURE) * $sds,
        ], [-1.0, 0.0, 1.0]),
        [$state->layout->of(0, StateLayout::MOISTURE) => $slope],
    );
}

it('is worth what the integral over what may be found says', function (): void {
    [$start] = decidesOn(8103);
    $before = $start->state;
    $after = TestSelection::narrowed($before, 'wet-stretch');
    $at = $before->layout->of(0, StateLayout::MOISTURE);
    $sd = sqrt($before->covariance[$at][$at] - $after->covariance[$at][$at]);
    foreach ([[0.5, 0.4], [0.0, -0.3], [2.0, 0.2]] as [$dearer, $slope]) {
        $decision = aDecision($dearer, $slope, $before);
        // Simpson's rule over eight standard deviations to either side.
        [$sum, $share, $steps] = [0.0, 0.0, 4000];
        for ($i = 0; $i <= $steps; $i++) {
            $z = -8 + 16 * $i / $steps;
            $weight = ($i === 0 || $i === $steps ? 1 : ($i % 2 === 1 ? 4 : 2)) * exp(-$z ** 2 / 2) / sqrt(2 * M_PI);
            $saves = -($dearer + $slope * $sd * $z);
            $sum += $weight * max(0.0, $saves);
            $share += $weight * ($saves > 0.0 ? 1 : 0);
        }
        expect($decision->worth($before, $after))->toEqualWithDelta($sum * 16 / $steps / 3, 2e-3)
            ->and($decision->share($before, $after))->toEqualWithDelta($share * 16 / $steps / 3, 0.025);
    }
    // Who learns nothing decides nothing otherwise.
    expect(aDecision(0.5, 0.4, $before)->worth($before, $before))->toBe(0.0)
        ->and(aDecision(0.5, 0.4, $before)->share($before, $before))->toBe(0.0);
});

it('is worth about what drawn states say that the season is walked from', function (int $seed): void {
    [$start, $history, $terms, $plan] = decidesOn($seed);
    $after = TestSelection::narrowed($start->state, 'wet-stretch');
    $after = TestSelection::narrowed(TestSelection::narrowed($after, 'dryness'), 'curl-memory');
    $worth = static fn (NextDecision $one): float => $one->worth($start->state, $after);
    $decisions = $plan->decisions;
    usort($decisions, static fn (NextDecision $a, NextDecision $b): int => $worth($b) <=> $worth($a));
    $decision = $decisions[0];
    $days = array_map(static fn (PlanItem $item): int => $item->day, $plan->items);
    $choices = array_map(static fn (PlanItem $item): WashOption => $item->choice, $plan->items);
    $level = array_search(Calendar::daysBetween($start->date, $decision->date), $days, true);
    $doubt = ForecastUncertainty::of($plan->forecast);
    $terms = $terms->keptBy($start->habits);
    $standing = RuleContext::after(
        $start->state->layout->head,
        $history,
        static fn (WashDay $day): int => Calendar::daysBetween($start->date, $day->date),
        $terms,
        $start->date,
    );
    $instead = array_values(array_replace($choices, [$level => $decision->instead]));
    $dearer = static function (State $state) use ($start, $terms, $doubt, $standing, $days, $choices, $instead): float {
        $from = $start->on($start->date, $state);
        $terrain = new MeanSimulator($from, $doubt, $terms);
        $walk = new SeasonWalk($from, $standing, $terrain, new HairAhead($terrain, $doubt), $days, 84);

        [$cost, $breaks] = $walk->walked($instead);
        [$planned, $broken] = $walk->walked($choices);

        return $breaks <= $broken ? $cost - $planned : abs($cost - $planned);
    };
    // Where the rules forbid it at what is believed, it counts as dearer.
    expect($decision->dearer[3][0])->toBe(0.0)
        ->and(abs($dearer($start->state)))->toEqualWithDelta(abs($decision->dearer[3][1]), 1e-9);
    // What is found moves the mean by so much of its doubt as is taken away.
    $indices = array_keys($decision->slopes);
    $chance = new SeededRandom(3);
    $factor = (new Cholesky(array_map(static fn (int $i): array => array_map(
        static fn (int $k): float => $start->state->covariance[$i][$k] - $after->covariance[$i][$k]
            + ($i === $k ? 1e-9 : 0.0),
        $indices,
    ), $indices)))->factor();
    [$saved, $changed] = [0.0, 0];
    for ($draw = 0; $draw < 600; $draw++) {
        $mean = $start->state->mean;
        $z = array_map(static fn (): float => $chance->normal(0, 1), $indices);
        foreach ($indices as $n => $i) {
            foreach ($factor[$n] as $j => $of) {
                $mean[$i] += $of * $z[$j];
            }
        }
        $apart = $dearer(new State($start->state->layout, $mean, $start->state->covariance));
        $saved += max(0.0, -$apart) / 600;
        $changed += $apart < 0.0 ? 1 : 0;
    }
    expect($worth($decision))->toBeGreaterThan(0.5 * $saved)->toBeLessThan(2.0 * $saved)
        ->and($decision->share($start->state, $after))->toEqualWithDelta($changed / 600, 0.16)
        ->and($saved)->toBeGreaterThan(0.02);
})->with([8101, 8103, 8107, 8111, 8115]);

it('decides nothing on a day that was set by hand, nor what the rules forbid however the hair is', function (): void {
    [$start, $history, $terms, $plan] = decidesOn(8115);
    $first = $plan->items[0];
    $on = static fn (Plan $of): array => array_map(
        static fn (NextDecision $one): string => $one->date->format('Y-m-d'),
        $of->decisions,
    );
    expect($on($plan))->toContain($first->date->format('Y-m-d'));
    foreach ($plan->decisions as $decision) {
        expect([$decision->instead->protein, $decision->instead->masks(), $decision->instead->cleanse->clarifies()])
            ->not->toBe([
                $decision->planned->protein, $decision->planned->masks(), $decision->planned->cleanse->clarifies(),
            ])->and(count($decision->dearer))->toBe(5);
        // Strong protein on the second day again, a week after the first, no rule allows.
        if ($decision->date > $first->date) {
            expect($decision->instead->protein)->not->toBe(StepKind::StrongProtein);
        }
    }
    $byHand = new PlanTerms(
        evidence: $terms->evidence,
        byHand: [new FixedWashDay($first->date, $first->choice, 'because')],
    );
    expect($on(Planner::plan($start, $history, 12, $byHand)))->not->toContain($first->date->format('Y-m-d'))
        ->and(Planner::plan($start, $history, 12, $terms, saysWhy: false)->decisions)->toBe([]);
});

it('takes the test that is worth most for its minutes, then the next, and none that changes nothing', function (): void {
    [$start] = decidesOn(8103);
    $state = $start->state;
    $takes = ['dryness' => 1.0, 'wet-stretch' => 5.0, 'build-up-signs' => 1.0, 'curl-memory' => 1.0, 'frizz' => 0.0];
    $decision = aDecision(0.3, 0.2, $state);
    $order = DecidingTests::order($state, $takes, 10.0, [$decision], 0.01);
    $worth = static fn (string $test): float
        => $decision->worth($state, TestSelection::narrowed($state, $test)) / $takes[$test];
    $tests = array_keys(array_filter($takes));
    usort($tests, static fn (string $a, string $b): int => $worth($b) <=> $worth($a));
    expect($order[0]['test'])->toBe($tests[0])
        ->and($order[0]['share'])->toEqualWithDelta(
            $decision->share($state, TestSelection::narrowed($state, $tests[0])),
            1e-9,
        )
        ->and(count($order))->toBeGreaterThan(1)
        ->and($order[1]['share'])->toEqualWithDelta(
            $decision->share($state, TestSelection::narrowed($state, $order[1]['test'])),
            1e-9,
        )
        ->and(array_column($order, 'test'))->not->toContain('frizz')
        ->and(array_sum(array_column($order, 'minutes')))->toBeLessThanOrEqual(10.0)
        ->and(DecidingTests::order($state, $takes, 10.0, [], 0.01))->toBe([])
        ->and(DecidingTests::order($state, $takes, 0.5, [$decision], 0.01))->toBe([])
        // So dear that nothing found would change it.
        ->and(DecidingTests::order($state, $takes, 10.0, [aDecision(50.0, 0.2, $state)], 0.01))->toBe([])
        ->and(DecidingTests::order($state, $takes, 10.0, [$decision], 0.9))->toBe([]);
});
