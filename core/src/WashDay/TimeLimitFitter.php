<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateAfterSteps;
use Nagomi\Core\Parameters\WashDayParameters;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/**
 * Fits a wash day into the time there is: of all ways to shorten, leave or move something, the one that costs the
 * balance least.
 */
final readonly class TimeLimitFitter
{
    private const WAYS = [
        'quick-style', 'diffuse', 'leave-damp', 'shorter-mask', 'mask-to-conditioner', 'no-pre-wash', 'evening-before',
        'one-pass', 'no-detangling',
    ];

    /**
     * @param list<string>                           $ways  what was changed, of WAYS
     * @param array{
     *     moisture: float, protein: float,
     * } $costs points of reserve that the hair gets less than by the whole day, over its strata by share
     * @param bool                                   $fits  in nine days of ten; false: this is the shortest there is
     */
    private function __construct(
        public WashDayPlan $plan,
        public array $ways,
        public array $costs,
        public bool $fits,
    ) {
    }

    /**
     * @param list<Step>  $doing
     * @param float|null  $limitMinutes null: all the time in the world
     */
    public static function within(
        ?float $limitMinutes,
        State $state,
        array $doing,
        Pace $pace,
        DryingMethod $drying = DryingMethod::Air,
        StylingMethod $styling = StylingMethod::Rake,
    ): self {
        $head = $state->layout->head;
        $whole = static fn (bool $fits): self => new self(
            WashDayBuilder::plan($head, $doing, $pace, $drying, 1.0, $styling),
            [],
            ['moisture' => 0.0, 'protein' => 0.0],
            $fits,
        );
        if ($limitMinutes === null) {
            return $whole(true);
        }
        $shortest = null;
        foreach (self::options($state, $doing, $drying) as $option) {
            $plan = WashDayBuilder::plan($head, $option['steps'], $pace, $option['dries'], $option['style'], $styling);
            // The range is drawn only where the middle fits at all.
            if ($plan->network->finishMinutes <= $limitMinutes && $plan->finishMinutes()['p90'] <= $limitMinutes) {
                return new self($plan, $option['ways'], $option['costs'], true);
            }
            if ($shortest === null || $plan->network->finishMinutes < $shortest->plan->network->finishMinutes) {
                $shortest = new self($plan, $option['ways'], $option['costs'], false);
            }
        }

        return $shortest ?? $whole(false);
    }

    /**
     * @param list<Step> $doing
     *
     * @return list<array{
     *     ways: list<string>, costs: array{moisture: float, protein: float}, felt: float, steps: list<Step>,
     *     dries: DryingMethod, style: float,
     * }> every way to shorten the day, least felt first
     */
    private static function options(State $state, array $doing, DryingMethod $drying): array
    {
        $whole = StateAfterSteps::of($state, $doing);
        $sensible = array_values(array_filter(
            self::WAYS,
            static fn (string $way): bool => self::makesSense($way, $doing, $drying),
        ));
        $options = [];
        $parameters = $state->layout->parameters->washDay;
        foreach (self::combinations($sensible) as $ways) {
            [$steps, $dries, $style, $evening] = self::changed($ways, $doing, $drying, $parameters);
            // What was done the evening before still counts for the hair.
            $left = StateAfterSteps::of($state, [
                ...array_filter($evening, static fn (Step $step): bool => $step->kind !== StepKind::PreWash),
                ...$steps,
            ]);
            $costs = [
                'moisture' => max(0.0, $whole->moisture - $left->moisture),
                'protein' => max(0.0, $whole->protein - $left->protein),
            ];
            $options[] = [
                'ways' => $ways,
                'costs' => $costs,
                'felt' => array_sum($costs) + array_sum(array_intersect_key($parameters->feltByWay, array_flip($ways))),
                'steps' => $steps,
                'dries' => $dries,
                'style' => $style,
            ];
        }
        usort($options, static fn (array $a, array $b): int => $a['felt'] <=> $b['felt']);

        return $options;
    }

    /** @param list<Step> $doing */
    private static function makesSense(string $way, array $doing, DryingMethod $drying): bool
    {
        $has = static fn (StepKind $kind): bool => array_filter(
            $doing,
            static fn (Step $step): bool => $step->kind === $kind,
        ) !== [];
        $passes = max([1, ...array_map(static fn (Step $step): int => $step->passes, $doing)]);

        return match ($way) {
            'shorter-mask', 'mask-to-conditioner' => $has(StepKind::Mask),
            'no-pre-wash' => $has(StepKind::PreWash),
            'evening-before' => array_filter(
                $doing,
                static fn (Step $step): bool => $step->kind === StepKind::PreWash && ! $step->eveningBefore,
            ) !== [],
            'one-pass' => $passes > 1,
            'no-detangling' => $has(StepKind::Detangle),
            'diffuse' => $drying !== DryingMethod::Diffuse && $drying !== DryingMethod::LeavesDamp,
            'leave-damp' => $drying !== DryingMethod::LeavesDamp,
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
                $clash = [
                    'mask-to-conditioner' => 'shorter-mask',
                    'leave-damp' => 'diffuse',
                    'evening-before' => 'no-pre-wash',
                ][$way]
                    ?? null;
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
     * @return array{
     *     list<Step>, DryingMethod, float, list<Step>,
     * } what is left of the day, how it is dried, how long it is styled, and what was done the evening before
     */
    private static function changed(
        array $ways,
        array $doing,
        DryingMethod $drying,
        WashDayParameters $parameters,
    ): array {
        $steps = $evening = [];
        $conditions = in_array(StepKind::Conditioner, array_column($doing, 'kind'), true);
        foreach ($doing as $step) {
            // Where a rinse-out follows the mask anyway, it stays, and the mask alone goes.
            if ($conditions && $step->kind === StepKind::Mask && in_array('mask-to-conditioner', $ways, true)) {
                continue;
            }
            $is = static fn (string $way, StepKind $kind): bool => $step->kind === $kind && in_array($way, $ways, true);
            if ($is('no-pre-wash', StepKind::PreWash) || $is('no-detangling', StepKind::Detangle)) {
                continue;
            }
            if (
                $is('evening-before', StepKind::PreWash)
                    || in_array('evening-before', $ways, true)
                        && $step->kind === StepKind::Detangle
                        && $step->how === 'dry-with-oil'
            ) {
                $evening[] = $step;
                if ($step->kind === StepKind::PreWash) {
                    // It is asked for when the day begins, and goes into the record.
                    $steps[] = new Step(StepKind::PreWash, $step->minutes, how: $step->how, eveningBefore: true);
                }
                continue;
            }
            $steps[] = self::shortened($ways, $step, $parameters);
        }
        $dries = match (true) {
            in_array('leave-damp', $ways, true) => DryingMethod::LeavesDamp,
            in_array('diffuse', $ways, true) => DryingMethod::Diffuse,
            default => $drying,
        };

        return [$steps, $dries, in_array('quick-style', $ways, true) ? $parameters->quickStyle : 1.0, $evening];
    }

    /** @param list<string> $ways */
    private static function shortened(array $ways, Step $step, WashDayParameters $parameters): Step
    {
        $is = static fn (string $way, StepKind $kind): bool => $step->kind === $kind && in_array($way, $ways, true);
        $shortest = $parameters->shortestMaskMinutes;

        return match (true) {
            $is('mask-to-conditioner', StepKind::Mask) => Step::conditioner(
                $parameters->stepMinutes['conditioner'],
            ),
            $is('shorter-mask', StepKind::Mask) => Step::mask(
                min($step->minutes ?? $shortest, $shortest),
                $step->heat,
            )->with($step->contents),
            $is('one-pass', StepKind::Cleanse) => Step::cleanse(
                $step->cleanse ?? CleanseKind::Shampoo,
                minutes: $step->minutes,
            )->with($step->contents),
            default => $step,
        };
    }
}
