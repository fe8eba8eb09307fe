<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use InvalidArgumentException;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Treatments\BottlesInUse;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/** Two futures side by side: as planned, and with one thing done differently. */
final readonly class WhatIf
{
    private function __construct(
        public Future $asPlanned,
        public Future $changed,
    ) {
    }

    /**
     * A changed circumstance is planned round anew; a treatment left out is left out of the plan as it stands.
     *
     * @param list<WashDay> $history
     *
     * @throws InvalidArgumentException where the change asks for another number
     */
    public static function of(
        Snapshot $start,
        array $history,
        PlanChange $change,
        ?float $number = null,
        int $weeks = 12,
        PlanTerms $terms = new PlanTerms(),
    ): self {
        $terms = $terms->doneWith(BottlesInUse::in($history));
        $changedHead = $change->of($start->state->layout->head, $number);
        $plan = Planner::plan($start, $history, $weeks, $terms, saysWhy: false);
        $asPlanned = self::future(
            $start,
            $terms,
            $plan,
            array_map(static fn (PlanItem $item): WashOption => $item->choice, $plan->items),
        );
        if ($change->leavesOut()) {
            return new self(
                $asPlanned,
                self::future(
                    $start,
                    $terms,
                    $plan,
                    array_map(
                        static fn (PlanItem $item): WashOption => self::without($item->choice, $change, $start),
                        $plan->items,
                    ),
                ),
            );
        }
        $changedStart = $start->under($changedHead);
        // Another rhythm is washed as it is said, whatever the scalp asks for.
        $changedTerms = $change === PlanChange::WashEvery ? RelaxedTerms::of($terms, Limit::Rhythm) : $terms;
        $changedPlan = Planner::plan($changedStart, $history, $weeks, $changedTerms, saysWhy: false);

        return new self(
            $asPlanned,
            self::future(
                $changedStart,
                $terms,
                $changedPlan,
                array_map(static fn (PlanItem $item): WashOption => $item->choice, $changedPlan->items),
            ),
        );
    }

    /**
     * The plan as it is, and planned anew within other terms.
     *
     * @param list<WashDay> $history
     */
    public static function between(
        Snapshot $start,
        array $history,
        PlanTerms $terms,
        PlanTerms $changed,
        int $weeks = 12,
    ): self {
        $futures = array_map(static function (PlanTerms $of) use ($start, $history, $weeks): Future {
            $of = $of->doneWith(BottlesInUse::in($history));
            $plan = Planner::plan($start, $history, $weeks, $of, saysWhy: false);
            $choices = array_map(static fn (PlanItem $item): WashOption => $item->choice, $plan->items);

            return self::future($start, $of, $plan, $choices);
        }, [$terms, $changed]);

        return new self($futures[0], $futures[1]);
    }

    private static function without(WashOption $choice, PlanChange $change, Snapshot $start): WashOption
    {
        $usual = WashOptions::usualCleanse($start->state->layout->head);
        $parameters = $start->state->layout->parameters->washDay;
        if ($change === PlanChange::NoMask) {
            return $choice->masks() ? $choice->without(StepKind::Mask, $usual, $parameters) : $choice;
        }

        return $choice->protein === null ? $choice : $choice->without($choice->protein, $usual, $parameters);
    }

    /** @param list<WashOption> $choices */
    private static function future(Snapshot $start, PlanTerms $terms, Plan $plan, array $choices): Future
    {
        $washDays = array_map(static fn (PlanItem $item): int => $item->day, $plan->items);
        $horizon = count($plan->forecast) - 1;
        $forecast = Planner::forecast($start, $washDays, $choices, $horizon, $terms);
        $terrain = new MeanSimulator($start, ForecastUncertainty::of($forecast), $terms);
        $head = $start->state->layout->head;

        return new Future(
            $washDays,
            $choices,
            $forecast,
            array_sum(array_map(
                static fn (WashOption $choice): float => $terms->minutes($choice->styled(false), $head),
                $choices,
            )),
            Planner::cost($start, $terrain, $washDays, $choices, $horizon),
            array_sum(array_map(
                static fn (WashOption $choice): float => $terms->price($choice, $head->parameters->planning),
                $choices,
            )),
        );
    }
}
