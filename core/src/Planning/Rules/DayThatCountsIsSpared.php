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

    public function sentence(PlanningParameters $limits): string
    {
        return sprintf(
            'No strong protein, clarifying or chelating on a day that counts and in the %d days before it.',
            $limits->beforeADayThatCountsDays,
        );
    }

    public function frees(): string
    {
        return 'do it earlier, or after that day';
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
