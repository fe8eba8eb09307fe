<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use Nagomi\Core\Simulation\RuleChecker;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** Rules of the trade that a practice case was played against. */
final class PracticeRules
{
    /** Those broken by what was asked for at each visit, beside what was known then of the time before it. */
    public static function broken(PracticeLife $life): int
    {
        $broken = 0;
        for ($turn = 0; $turn < $life->turn; $turn++) {
            $from = $turn * PracticeCase::DAYS_A_TURN;
            $checker = self::knowing($life, $from);
            foreach ($life->asked as [$day, $steps]) {
                $isNow = $day >= $from && $day < $from + PracticeCase::DAYS_A_TURN;
                $broken += $isNow ? count($checker->washDay($day, $steps)) + self::notForAChild($life, $steps) : 0;
            }
        }

        return $broken;
    }

    /** @param list<Step> $steps */
    private static function notForAChild(PracticeLife $life, array $steps): int
    {
        $told = $life->case->told;
        if (($told->ageOn($life->case->from) ?? PHP_INT_MAX) >= $told->parameters->planning->childUntilYears) {
            return 0;
        }

        return count(array_filter(
            $steps,
            static fn (Step $step): bool => $step->heat || $step->kind === StepKind::StrongProtein,
        ));
    }

    private static function knowing(PracticeLife $life, int $from): RuleChecker
    {
        $checker = new RuleChecker($life->case->told);
        foreach ($life->washDays as $washDay) {
            $day = Calendar::daysBetween($life->case->from, $washDay->date);
            if ($day < $from) {
                $checker->washDay($day, $washDay->steps);
            }
        }

        return $checker;
    }
}
