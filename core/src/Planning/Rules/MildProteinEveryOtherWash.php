<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\StepKind;

final readonly class MildProteinEveryOtherWash implements Rule
{
    public function key(): string
    {
        return 'mild-protein-every-other-wash';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return $choice->protein !== StepKind::MildProtein || ! $standing->proteinLast;
    }
}
