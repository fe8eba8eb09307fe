<?php

declare(strict_types=1);

namespace Nagomi\Core\Season;

use InvalidArgumentException;
use Nagomi\Core\Balance\Point;
use Nagomi\Core\Treatment\StepKind;
use Nagomi\Core\Treatment\WashDay;

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
    public static function of(Point $start, array $history, Change $change, ?float $number = null, int $weeks = 12, Terms $terms = new Terms()): self
    {
        $changedHead = $change->of($start->state->layout->head, $number);
        $plan = Planner::plan($start, $history, $weeks, $terms);
        $asPlanned = self::future($start, $terms, $plan, array_map(static fn (PlanItem $item): Choice => $item->choice, $plan->items));
        if ($change->leavesOut()) {
            return new self($asPlanned, self::future($start, $terms, $plan, array_map(static fn (PlanItem $item): Choice => self::without($item->choice, $change, $start), $plan->items)));
        }
        $changedStart = new Point($start->date, $start->state->under($changedHead), $start->sealed, $start->tight);
        $changedPlan = Planner::plan($changedStart, $history, $weeks, $terms);

        return new self($asPlanned, self::future($changedStart, $terms, $changedPlan, array_map(static fn (PlanItem $item): Choice => $item->choice, $changedPlan->items)));
    }

    private static function without(Choice $choice, Change $change, Point $start): Choice
    {
        $usual = Choices::usualCleanse($start->state->layout->head);
        if ($change === Change::NoMask) {
            // Strong protein is never left without its mask: the pair is one treatment.
            $choice = $choice->protein === StepKind::StrongProtein ? $choice->without(StepKind::StrongProtein, $usual) : $choice;

            return $choice->masks() ? $choice->without(StepKind::Mask, $usual) : $choice;
        }

        return $choice->protein === null ? $choice : $choice->without($choice->protein, $usual);
    }

    /** @param list<Choice> $choices */
    private static function future(Point $start, Terms $terms, Plan $plan, array $choices): Future
    {
        $washDays = array_map(static fn (PlanItem $item): int => $item->day, $plan->items);
        $horizon = count($plan->forecast) - 1;
        $forecast = Planner::forecast($start, $washDays, $choices, $horizon);
        $terrain = new Terrain($start, Doubt::of($forecast), $terms);
        $head = $start->state->layout->head;

        return new Future(
            $washDays,
            $choices,
            $forecast,
            array_sum(array_map(static fn (Choice $choice): float => $terms->minutes($choice, $head), $choices)),
            Planner::cost($terrain, $forecast, $washDays, $choices),
            array_sum(array_map($terms->price(...), $choices)),
        );
    }
}
