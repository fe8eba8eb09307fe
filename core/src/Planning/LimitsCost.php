<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Treatments\WashDay;

/**
 * What the limits of a plan cost: each that is set is relaxed by itself, the season is planned anew, and the days out of
 * balance are counted again. Nothing is asked where the plan is hardly ever outside.
 */
final class LimitsCost
{
    /**
     * @param list<WashDay> $history
     * @param float         $out     expected days out of balance of the plan as it is
     *
     * @return list<RelaxedLimit> that would free anything worth saying, what frees most first
     */
    public static function of(Snapshot $start, array $history, int $weeks, PlanTerms $terms, float $out): array
    {
        $head = $start->state->layout->head;
        $limits = $head->parameters->planning;
        if ($terms->notReadYet || $out < $limits->worthSaying['days-out'] * 7 * $weeks) {
            return [];
        }
        $relaxed = [];
        foreach (self::set($head, $terms) as [$limit, $to, $weekday]) {
            $other = self::relaxedHead($head, $limit, $to);
            $then = Planner::plan(
                $start->under($other),
                $history,
                $weeks,
                $weekday === null ? RelaxedTerms::of($terms, $limit) : RelaxedTerms::longerOn($terms, $weekday),
                saysWhy: false,
            );
            $gained = $out - PlanConsequence::of($then, $limits)->daysOut;
            if ($gained >= $limits->worthSaying['days-freed']) {
                $relaxed[] = new RelaxedLimit($limit, $to, $out, $gained, $weekday);
            }
        }
        usort($relaxed, static fn (RelaxedLimit $a, RelaxedLimit $b): int => $b->daysGained <=> $a->daysGained);

        return $relaxed;
    }

    /** @return list<array{Limit, int|null, int|null}> limits that are set, what each would be, and on which weekday */
    private static function set(Head $head, PlanTerms $terms): array
    {
        $minutes = $head->minutesLimit;
        $atHome = $terms->homeMinutesLimit;
        $rhythm = $head->washEveryDays - Limit::FEWER_DAYS;

        return array_values(array_filter([
            $minutes === null ? null : [Limit::Minutes, min(480, $minutes + Limit::MORE_MINUTES), null],
            $atHome === null ? null : [Limit::MinutesAtHome, min(480, $atHome + Limit::MORE_MINUTES), null],
            ...self::weekdays($terms),
            $terms->notAtHome === [] ? null : [Limit::SalonOnly, null, null],
            $terms->stock === [] ? null : [Limit::Stock, null, null],
            $terms->promised === [] ? null : [Limit::Promise, null, null],
            $terms->programmes === [] ? null : [Limit::Programme, null, null],
            $rhythm < $head->parameters->planning->washDaysApartDays ? null : [Limit::Rhythm, $rhythm, null],
        ]));
    }

    /** @return list<array{Limit, int, int}> */
    private static function weekdays(PlanTerms $terms): array
    {
        return array_map(
            static fn (int $weekday): array => [
                Limit::MinutesOnWeekday,
                RelaxedTerms::longerOn($terms, $weekday)->week->minutes[$weekday],
                $weekday,
            ],
            array_keys($terms->week->minutes),
        );
    }

    private static function relaxedHead(Head $head, Limit $limit, ?int $to): Head
    {
        return match ($limit) {
            Limit::Minutes => PlanChange::MinutesLimit->of($head, $to),
            Limit::Rhythm => PlanChange::WashEvery->of($head, $to),
            default => $head,
        };
    }
}
