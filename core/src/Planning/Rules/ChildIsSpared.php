<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\StepKind;

/** Children get nothing hot and nothing strong; those a little older strong protein by hand only. */
final readonly class ChildIsSpared implements Rule
{
    public function key(): string
    {
        return 'child-is-spared';
    }

    public function places(PlanningParameters $limits): array
    {
        return [
            'under' => $limits->childUntilYears,
            'minutes' => $limits->childMostMinutes,
            'byHandUnder' => $limits->strongByHandUntilYears,
        ];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        $age = $standing->age();
        $strong = $choice->protein === StepKind::StrongProtein;

        return $age === null
            || ! ($standing->isChild() && $choice->heat)
            && ! ($strong && $age < $standing->limits()->strongByHandUntilYears);
    }
}
