<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Balance\Forecast;
use Nagomi\Core\Balance\Layout;
use Nagomi\Core\Balance\Reserves;
use Nagomi\Core\Balance\State;
use Nagomi\Core\Parameter\BasinModel;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Treatment\DayContext;
use Nagomi\Core\Treatment\Step;
use Nagomi\Core\Treatment\StepKind;

/** Fits a wash day into the time there is: of all ways to shorten, leave or move something, the one that costs the balance least. */
final readonly class Fitting
{
    private const WAYS = ['quick-style', 'diffuse', 'leave-damp', 'shorter-mask', 'mask-to-conditioner', 'no-pre-wash', 'evening-before', 'one-pass', 'no-detangling'];

    /** Points of the balance that a way is felt to cost besides what it takes from the hair. */
    private const FELT = ['quick-style' => 0.4, 'diffuse' => 0.3, 'leave-damp' => 1.0, 'shorter-mask' => 0.1, 'mask-to-conditioner' => 0.5, 'no-pre-wash' => 0.3, 'evening-before' => 0.6, 'one-pass' => 0.5, 'no-detangling' => 1.5];

    /**
     * @param list<string>                           $ways  what was changed, of WAYS
     * @param array{moisture: float, protein: float} $costs points of reserve that the hair gets less than by the whole day, over its strata by share
     * @param bool                                   $fits  in nine days of ten; false: this is the shortest there is
     */
    private function __construct(
        public BasinPlan $plan,
        public array $ways,
        public array $costs,
        public bool $fits,
    ) {
    }

    /**
     * @param list<Step>  $doing
     * @param float|null  $limitMinutes null: all the time in the world
     */
    public static function within(?float $limitMinutes, State $state, array $doing, Pace $pace, Drying $drying = Drying::Air, Styling $styling = Styling::Rake): self
    {
        $head = $state->layout->head;
        if ($limitMinutes === null) {
            return new self(BasinBuilder::plan($head, $doing, $pace, $drying, 1.0, $styling), [], ['moisture' => 0.0, 'protein' => 0.0], true);
        }
        $whole = self::after($state, $doing);
        $options = [];
        foreach (self::combinations(array_values(array_filter(self::WAYS, static fn (string $way): bool => self::makesSense($way, $doing, $drying)))) as $ways) {
            [$steps, $dries, $style, $evening] = self::changed($ways, $doing, $drying);
            // What was done the evening before still counts for the hair.
            $left = self::after($state, [...$evening, ...$steps]);
            $costs = ['moisture' => max(0.0, $whole[0] - $left[0]), 'protein' => max(0.0, $whole[1] - $left[1])];
            $options[] = ['ways' => $ways, 'costs' => $costs, 'felt' => array_sum($costs) + array_sum(array_intersect_key(self::FELT, array_flip($ways))), 'steps' => $steps, 'dries' => $dries, 'style' => $style];
        }
        usort($options, static fn (array $a, array $b): int => $a['felt'] <=> $b['felt']);
        $shortest = null;
        foreach ($options as $option) {
            $plan = BasinBuilder::plan($head, $option['steps'], $pace, $option['dries'], $option['style'], $styling);
            // The range is drawn only where the middle fits at all.
            if ($plan->network->finishMinutes <= $limitMinutes && $plan->finishMinutes()['p90'] <= $limitMinutes) {
                return new self($plan, $option['ways'], $option['costs'], true);
            }
            if ($shortest === null || $plan->network->finishMinutes < $shortest->plan->network->finishMinutes) {
                $shortest = new self($plan, $option['ways'], $option['costs'], false);
            }
        }

        return $shortest ?? new self(BasinBuilder::plan($head, $doing, $pace, $drying, 1.0, $styling), [], ['moisture' => 0.0, 'protein' => 0.0], false);
    }

    /** @param list<Step> $doing */
    private static function makesSense(string $way, array $doing, Drying $drying): bool
    {
        $has = static fn (StepKind $kind): bool => array_filter($doing, static fn (Step $step): bool => $step->kind === $kind) !== [];
        $passes = max([1, ...array_map(static fn (Step $step): int => $step->passes, $doing)]);

        return match ($way) {
            'shorter-mask', 'mask-to-conditioner' => $has(StepKind::Mask),
            'no-pre-wash', 'evening-before' => $has(StepKind::PreWash),
            'one-pass' => $passes > 1,
            'no-detangling' => $has(StepKind::Detangle),
            'diffuse' => $drying !== Drying::Diffuse && $drying !== Drying::LeavesDamp,
            'leave-damp' => $drying !== Drying::LeavesDamp,
            default => true,
        };
    }

    /**
     * @param list<string> $ways
     *
     * @return list<list<string>> every set of them that does not contradict itself
     */
    private static function combinations(array $ways): array
    {
        $sets = [[]];
        foreach ($ways as $way) {
            foreach ($sets as $set) {
                $clash = ['mask-to-conditioner' => 'shorter-mask', 'leave-damp' => 'diffuse', 'evening-before' => 'no-pre-wash'][$way] ?? null;
                if ($clash === null || ! in_array($clash, $set, true)) {
                    $sets[] = [...$set, $way];
                }
            }
        }

        return $sets;
    }

    /**
     * @param list<string> $ways
     * @param list<Step>   $doing
     *
     * @return array{list<Step>, Drying, float, list<Step>} what is left of the day, how it is dried, how long it is styled, and what was done the evening before
     */
    private static function changed(array $ways, array $doing, Drying $drying): array
    {
        $steps = $evening = [];
        $conditions = array_filter($doing, static fn (Step $step): bool => $step->kind === StepKind::Conditioner) !== [];
        foreach ($doing as $step) {
            // Where a rinse-out follows the mask anyway, it stays, and the mask alone goes.
            if ($conditions && $step->kind === StepKind::Mask && in_array('mask-to-conditioner', $ways, true)) {
                continue;
            }
            $is = static fn (string $way, StepKind $kind): bool => $step->kind === $kind && in_array($way, $ways, true);
            if ($is('no-pre-wash', StepKind::PreWash) || $is('no-detangling', StepKind::Detangle)) {
                continue;
            }
            if ($is('evening-before', StepKind::PreWash) || in_array('evening-before', $ways, true) && $step->kind === StepKind::Detangle && $step->how === 'dry-with-oil') {
                $evening[] = $step;
                continue;
            }
            $steps[] = match (true) {
                $is('mask-to-conditioner', StepKind::Mask) => Step::conditioner(Model::STEP_MINUTES['conditioner']),
                $is('shorter-mask', StepKind::Mask) => Step::mask(min($step->minutes ?? BasinModel::SHORTEST_MASK_MINUTES, BasinModel::SHORTEST_MASK_MINUTES), $step->heat),
                $is('one-pass', StepKind::Cleanse) => Step::cleanse($step->cleanse ?? \Nagomi\Core\Treatment\CleanseKind::Shampoo),
                default => $step,
            };
        }
        $dries = in_array('leave-damp', $ways, true) ? Drying::LeavesDamp : (in_array('diffuse', $ways, true) ? Drying::Diffuse : $drying);

        return [$steps, $dries, in_array('quick-style', $ways, true) ? BasinModel::QUICK_STYLE : 1.0, $evening];
    }

    /**
     * @param list<Step> $steps
     *
     * @return array{float, float} moisture and protein after them, over the strata by share
     */
    private static function after(State $state, array $steps): array
    {
        $head = $state->layout->head;
        $context = new DayContext($head, array_filter($steps, static fn (Step $step): bool => $step->kind === StepKind::PreWash) !== []);
        foreach ($steps as $step) {
            $state = Reserves::afterStep($state, Forecast::effects($head, $step, $context), Model::EFFECT_SD)->state;
        }
        $mean = [0.0, 0.0];
        foreach ($head->strata as $s => $stratum) {
            $mean[0] += $stratum->share * $state->value($s, Layout::MOISTURE);
            $mean[1] += $stratum->share * $state->value($s, Layout::PROTEIN);
        }

        return $mean;
    }
}
