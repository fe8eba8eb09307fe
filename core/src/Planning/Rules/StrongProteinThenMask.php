<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\StepKind;

final readonly class StrongProteinThenMask implements Rule
{
    public function key(): string
    {
        return 'strong-protein-then-mask';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return $choice->protein !== StepKind::StrongProtein || $choice->masks();
    }
}
