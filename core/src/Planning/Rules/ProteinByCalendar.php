<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\ProgrammeKind;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

final readonly class ProteinByCalendar implements Rule
{
    public function key(): string
    {
        return 'protein-by-calendar';
    }

    public function places(PlanningParameters $limits): array
    {
        return ['days' => $limits->proteinByCalendarDays];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        // The other rules on protein come first: what they bar, the calendar cannot ask for.
        return $choice->protein !== null
            || $choice->inStyle
            || ! $standing->head->method->says(MethodQuestion::Protein, 'by-calendar')
            || $standing->terms->wishes->all !== []
                && $standing->terms->wishes->leaveOut('mild-protein', $standing->date())
            || $standing->terms->programmes !== []
                && $standing->terms->keepsTo(ProgrammeKind::NoProtein, $standing->date())
            || $standing->terms->notReadYet
                || $standing->head->proteinSensitive
                || $standing->head->redSign
                || $standing->hair->proteinHigh
                || $standing->proteinLast
            || (
                $standing->lastProtein !== null
                    && (
                        $standing->nextWash ?? $standing->day
                    ) - $standing->lastProtein <= $standing->limits()->proteinByCalendarDays
            );
    }
}
