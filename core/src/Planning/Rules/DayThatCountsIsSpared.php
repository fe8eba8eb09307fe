<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\OccasionKind;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\StepKind;

/** What may go wrong is not tried shortly before a day that counts. */
final readonly class DayThatCountsIsSpared implements Rule
{
    public function key(): string
    {
        return 'day-that-counts-is-spared';
    }

    public function places(PlanningParameters $limits): array
    {
        return ['days' => $limits->beforeADayThatCountsDays];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        if ($choice->protein !== StepKind::StrongProtein && ! $choice->cleanse->clarifies()) {
            return true;
        }
        foreach ($standing->terms->of(OccasionKind::BestDay) as $best) {
            $until = Calendar::daysBetween($standing->date(), $best->from);
            if ($until <= $standing->limits()->beforeADayThatCountsDays && $standing->date() <= $best->until) {
                return false;
            }
        }

        return true;
    }
}
