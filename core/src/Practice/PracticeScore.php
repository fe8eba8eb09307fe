<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

/** What a practice case cost, all in days of a whole head out of balance: one number to stand beside another's. */
final class PracticeScore
{
    /** @return float days: out of balance, and what breakage, rules, minutes and money count for */
    public static function lost(PracticeLife $life): float
    {
        $parameters = $life->case->told->parameters;
        $tally = $life->tally;

        return $tally->daysOut
            + $parameters->practice->costOfABrokenHair * $tally->brokenHairs
            + $parameters->practice->costOfAScalpDay * $tally->scalpDays
            + $parameters->practice->costOfARule * $life->rulesBroken()
            + $parameters->planning->costOfAMinute * $tally->minutes
            + $parameters->planning->costOfACurrencyUnit * $tally->money;
    }
}
