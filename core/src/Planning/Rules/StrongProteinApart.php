<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\StepKind;

final readonly class StrongProteinApart implements Rule
{
    public function key(): string
    {
        return 'strong-protein-apart';
    }

    public function places(PlanningParameters $limits): array
    {
        return ['days' => $limits->strongProteinApartDays];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return $choice->protein !== StepKind::StrongProtein
            || $standing->lastStrong === null
            || $standing->day - $standing->lastStrong >= $standing->limits()->strongProteinApartDays;
    }
}
