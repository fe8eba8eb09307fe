<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Treatments\Calendar;

/** What a choice costs against the promised plan. */
final class PromiseCost
{
    /**
     * A promise missed on its own day counts half a move of one week; a treatment done off its promised day makes up the
     * rest, so that an item moved by w weeks comes to w moves.
     */
    public static function of(
        PlanTerms $terms,
        WashOption $choice,
        DateTimeImmutable $day,
        PlanningParameters $costs,
    ): float {
        $weeks = 0.0;
        $treatments = $choice->treatments();
        $promises = array_unique(array_column($terms->promised, 1));
        foreach (array_intersect(PlanTerms::TREATMENTS, $promises) as $treatment) {
            $apart = null;
            foreach ($terms->promised as [$date, $promised]) {
                if ($promised === $treatment) {
                    $apart = min($apart ?? PHP_INT_MAX, abs(Calendar::daysBetween($date, $day)));
                }
            }
            $done = in_array($treatment, $treatments, true);
            $weeks += match (true) {
                $apart === 0 => $done ? 0.0 : 0.5,
                $done && $apart !== null => max(0.0, $apart / 7 - 0.5),
                default => 0.0,
            };
        }

        return $costs->costOfAMovedPromise * $weeks;
    }
}
