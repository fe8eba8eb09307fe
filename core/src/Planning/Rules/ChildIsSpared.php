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

    public function sentence(PlanningParameters $limits): string
    {
        return sprintf(
            'Under %d years: never heat or strong protein, and at most %d minutes. Under %d: strong protein by hand only.',
            $limits->childUntilYears,
            $limits->childMostMinutes,
            $limits->strongByHandUntilYears,
        );
    }

    public function frees(): string
    {
        return 'nothing; it is so until that birthday';
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
