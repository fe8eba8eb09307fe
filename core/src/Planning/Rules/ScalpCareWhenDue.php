<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\ProgrammeKind;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\CleanseKind;

/** What clarifies lifts flakes as well: on a day of scalp care either will do. */
final readonly class ScalpCareWhenDue implements Rule
{
    public function key(): string
    {
        return 'scalp-care-when-due';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        $cares = $choice->cleanse === CleanseKind::ScalpCare;
        $scalp = $standing->terms->scalpPlan;
        // Gentle weeks are gentle to the scalp as well.
        if ($scalp === null || $standing->terms->keepsTo(ProgrammeKind::GentleCleansing, $standing->date())) {
            return ! $cares;
        }

        return $scalp->on($standing->date())?->for === null ? ! $cares : $cares || $choice->cleanse->clarifies();
    }
}
