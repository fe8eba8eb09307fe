<?php

declare(strict_types=1);

use Nagomi\Core\Estimation\Dynamics;
use Nagomi\Core\Estimation\Forecast;
use Nagomi\Core\Estimation\Prediction;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Planning\Counterfactual;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Simulation\VirtualClient;
use Nagomi\Core\Statistics\Cholesky;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\TreatmentContext;

/*
 * The date ranges of reasons against lives rolled on by {@see Dynamics}, the filter's own equations, one at a time and
 * with chance of their own: none of the code that makes the ranges.
 */

/** @param int $seed every other head is known well, the rest as after an intake */
function passageHead(int $seed): Snapshot
{
    $state = Prior::of(VirtualClient::draw($seed)->head);
    $share = $seed % 2 === 0 ? 1.0 : 0.2;
    $known = array_map(
        fn (array $row): array => array_map(fn (float $value): float => $value * $share, $row),
        $state->covariance,
    );

    return new Snapshot(Make::day(), new State($state->layout, $state->mean, $known), false);
}

/** @param array<int, float> $mean with noise of this covariance */
function drawnAround(array $mean, array $covariance, SeededRandom $random): array
{
    foreach ($covariance as $i => $row) {
        $covariance[$i][$i] += 1e-9;
    }
    $normals = array_map(fn (): float => $random->normal(), $mean);
    foreach ((new Cholesky($covariance))->factor() as $i => $row) {
        foreach ($row as $k => $weight) {
            $mean[$i] += $weight * $normals[$k];
        }
    }

    return $mean;
}

/** One life's state: nothing of it is in doubt. */
function livedOn(Prediction $prediction, SeededRandom $random): State
{
    $state = $prediction->state;
    $mean = drawnAround($state->mean, $state->covariance, $random);
    $none = array_fill(0, $state->layout->size, array_fill(0, $state->layout->size, 0.0));
    [$mean] = Dynamics::withinScales($state->layout, $mean);

    return new State($state->layout, $mean, $none);
}

/** @param list<Step> $steps */
function livedWash(State $state, array $steps, SeededRandom $random): State
{
    $head = $state->layout->head;
    $context = TreatmentContext::on($head, $steps);
    foreach ($steps as $step) {
        $effects = Forecast::effects($head, $step, $context);
        $state = livedOn(Dynamics::afterStep($state, $effects, $head->parameters->treatments->effectSd), $random);
    }

    return $state;
}

function isOutsideIn(string $what, State $state): bool
{
    $head = $state->layout->head;
    $band = $head->parameters->model->bandHalfWidth;
    foreach ($head->strata as $s => $stratum) {
        $out = match ($what) {
            'moisture' => $state->value($s, StateLayout::MOISTURE) < $stratum->targetMoisture() - $band,
            'protein' => $state->value($s, StateLayout::PROTEIN) < $stratum->targetProtein(false) - $band,
            default => $state->buildUp($s) > $head->parameters->planning->buildUpLimit,
        };
        if ($out) {
            return true;
        }
    }

    return false;
}

/** @return WashOption the way without the treatment, where it has it */
function leftOutOf(WashOption $choice, string $treatment, Head $head, DateTimeImmutable $date): WashOption
{
    $kind = match ($treatment) {
        'mask' => StepKind::Mask,
        'cleanse' => StepKind::Cleanse,
        default => StepKind::MildProtein,
    };
    $has = match ($treatment) {
        'mask' => $choice->masks(),
        'cleanse' => $choice->cleanse->clarifies(),
        default => $choice->protein !== null,
    };

    return $has
        ? $choice->without(
            $kind,
            WashOptions::usualCleanseOn($date, $head, new PlanTerms()),
            $head->parameters->washDay,
        )
        : $choice;
}

/**
 * What is done of planned steps by somebody who leaves out as much at home as anybody is assumed to.
 *
 * @param list<Step> $steps
 *
 * @return list<Step>
 */
function doneAtHomeOf(array $steps, Head $head, SeededRandom $random): array
{
    $habits = $head->parameters->habits;
    $done = [];
    foreach ($steps as $step) {
        $name = match ($step->kind) {
            StepKind::Cleanse => $step->cleanse?->clarifies() === true ? 'clarifying' : null,
            StepKind::MildProtein, StepKind::StrongProtein => 'protein',
            StepKind::Mask => $step->minutes <= $habits->shortMaskMinutes ? 'short-mask' : 'long-mask',
            StepKind::PreWash, StepKind::Conditioner, StepKind::LeaveIn, StepKind::Seal => $step->kind->value,
            default => null,
        };
        $isLeftOut = $name !== null && ! $random->happens($habits->kept[$name]);
        $done = match (true) {
            ! $isLeftOut => [...$done, $step],
            $name === 'clarifying' => [...$done, Step::cleanse(CleanseKind::Shampoo)],
            default => $done,
        };
    }

    return $done;
}

/** @return int|null day counted from today on which this life leaves; null: not within these weeks */
function livesUntil(
    Snapshot $start,
    Plan $plan,
    int $level,
    string $treatment,
    string $what,
    SeededRandom $random,
): ?int {
    $state = livedOn(new Prediction($start->state), $random);
    $head = $state->layout->head;
    $byDay = [];
    foreach ($plan->items as $i => $item) {
        $byDay[$item->day] = $i;
    }
    $sealed = $start->sealed;
    for ($day = 0; $day <= 84; $day++) {
        if (isset($byDay[$day])) {
            $item = $plan->items[$byDay[$day]];
            $choice = $byDay[$day] < $level ? $item->choice : leftOutOf($item->choice, $treatment, $head, $item->date);
            $steps = $day === 0 ? $choice->steps($head) : doneAtHomeOf($choice->steps($head), $head, $random);
            $state = livedWash($state, $steps, $random);
            $sealed = TreatmentContext::seals($head, ...$steps);
        }
        if ($day >= $plan->items[$level]->day && isOutsideIn($what, $state)) {
            return $day;
        }
        $state = livedOn(Dynamics::afterDays(
            $state,
            1,
            $sealed,
            $start->date->modify("+{$day} days"),
        ), $random);
    }

    return null;
}

/** @return list<array{PlanItem, int, string, Counterfactual}> a few reasons of a plan: item, level, treatment */
function reasonsToTry(Plan $plan, int $seed): array
{
    $all = [];
    foreach ($plan->items as $level => $item) {
        foreach ($item->without as $treatment => $without) {
            // What has left already in most lives is said without a date.
            if (! $without->alreadyOutside) {
                $all[] = [$item, $level, $treatment, $without];
            }
        }
    }
    $random = new SeededRandom($seed);

    return array_slice(array_map(fn (): array => $all[$random->between(0, count($all) - 1)], $all), 0, 3);
}

it('holds four of five lives in the date ranges of its reasons, and is as sure as it should be', function (): void {
    $lives = 60;
    $inside = $ranges = 0;
    $said = $came = [];
    foreach (range(1, 16) as $seed) {
        $start = passageHead($seed);
        $plan = Planner::plan($start, [Make::washDay('2026-02-25', Make::usualWash())]);
        $random = new SeededRandom(900 + $seed);
        foreach (reasonsToTry($plan, $seed) as [$item, $level, $treatment, $without]) {
            $left = $within = 0;
            $dayOf = fn (?DateTimeImmutable $date, int $open): int => $date === null
                ? $open
                : (int) $start->date->diff($date)->format('%a');
            [$earliest, $latest] = [$dayOf($without->earliest, 0), $dayOf($without->latest, 999)];
            for ($life = 0; $life < $lives; $life++) {
                $day = livesUntil($start, $plan, $level, $treatment, $without->what, $random);
                $left += $day === null ? 0 : 1;
                $day ??= 999;
                $within += $day >= $earliest && $day <= $latest ? 1 : 0;
            }
            if ($without->earliest !== null || $without->latest !== null) {
                $ranges++;
                $inside += $within / $lives;
            }
            $said[] = $without->certainty;
            $came[] = $left / $lives;
        }
    }
    $apart = array_map(fn (float $a, float $b): float => abs($a - $b), $said, $came);
    expect($ranges)->toBeGreaterThan(30)
        ->and($inside / $ranges)->toBeGreaterThan(0.76)->toBeLessThan(0.86)
        ->and(array_sum($apart) / count($apart))->toBeLessThan(0.06);
});
