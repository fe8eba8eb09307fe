<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/** A fixed calendar: a mask at each wash, clarifying every four weeks, strong protein every six, and nothing read. */
final readonly class CalendarPlays implements PracticePlayer
{
    private const CLARIFY_WEEKS = 4;
    private const PROTEIN_WEEKS = 6;
    private const MASK_MINUTES = 25.0;

    public function tests(PracticeLife $life): array
    {
        return [];
    }

    public function decides(PracticeLife $life): PracticeDecision
    {
        $every = $life->case->told->washEveryDays;
        $home = [];
        for ($after = 1; $after < PracticeCase::DAYS_A_TURN; $after++) {
            $day = $life->day() + $after;
            if ($day % $every === 0) {
                $home[$after] = $this->on(intdiv($day, $every), $life);
            }
        }
        $today = $life->day() % $every === 0 ? $this->on(intdiv($life->day(), $every), $life) : null;

        return new PracticeDecision(
            CellProbabilities::ofHead(Prior::of($life->case->told)),
            $today,
            $home,
        );
    }

    private function on(int $wash, PracticeLife $life): WashOption
    {
        $head = $life->case->told;
        $rhythm = WashOptions::houseRhythm($head);
        $isDue = static fn (int $weeks): bool => $wash > 0
            && $wash % max(1, (int) round(7 * $weeks / $head->washEveryDays)) === 0;

        return new WashOption(
            $isDue(self::CLARIFY_WEEKS) ? CleanseKind::Clarifying : $rhythm->cleanse,
            $rhythm->passes,
            StepKind::Mask,
            self::MASK_MINUTES,
            $rhythm->heat,
            $isDue(self::PROTEIN_WEEKS) ? StepKind::StrongProtein : null,
            $rhythm->preWash,
        );
    }
}
