<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Planning\FixedCalendar;

/** A fixed calendar: a mask at each wash, clarifying every four weeks, strong protein every six, and nothing read. */
final readonly class CalendarPlays implements PracticePlayer
{
    public function tests(PracticeLife $life): array
    {
        return [];
    }

    public function decides(PracticeLife $life): PracticeDecision
    {
        $every = $life->told->washEveryDays;
        $calendar = new FixedCalendar($life->told);
        $home = [];
        for ($after = 1; $after < PracticeCase::DAYS_A_TURN; $after++) {
            $day = $life->day() + $after;
            if ($day % $every === 0) {
                $home[$after] = $calendar->on(intdiv($day, $every));
            }
        }
        $today = $life->day() % $every === 0 ? $calendar->on(intdiv($life->day(), $every)) : null;

        return new PracticeDecision(
            CellProbabilities::ofHead(Prior::of($life->told)),
            $today,
            $home,
        );
    }
}
