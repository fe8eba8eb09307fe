<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/** Terms of a plan with one limit relaxed; limits of the head itself are not among them. */
final class RelaxedTerms
{
    public static function of(PlanTerms $terms, Limit $limit): PlanTerms
    {
        $all = $terms->all();

        return match ($limit) {
            Limit::MinutesAtHome => new PlanTerms(...[
                ...$all,
                'homeMinutesLimit' => $terms->homeMinutesLimit === null
                    ? null
                    : min(WeekTime::MOST_MINUTES, $terms->homeMinutesLimit + Limit::MORE_MINUTES),
            ]),
            Limit::SalonOnly => new PlanTerms(...[...$all, 'notAtHome' => []]),
            Limit::Stock => new PlanTerms(...[...$all, 'stock' => []]),
            Limit::Promise => new PlanTerms(...[...$all, 'promised' => []]),
            Limit::Programme => new PlanTerms(...[...$all, 'programmes' => []]),
            // Another rhythm is tried as it is said, whatever the scalp asks for.
            Limit::Rhythm => new PlanTerms(...[...$all, 'keepsRhythm' => true]),
            default => $terms,
        };
    }

    /** @param int $weekday 1 Monday to 7 Sunday, on which there is more time */
    public static function longerOn(PlanTerms $terms, int $weekday): PlanTerms
    {
        return new PlanTerms(...[...$terms->all(), 'week' => $terms->week->longer($weekday, Limit::MORE_MINUTES)]);
    }
}
