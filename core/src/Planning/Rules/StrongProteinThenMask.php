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

    public function sentence(PlanningParameters $limits): string
    {
        return 'Strong protein is followed the same day by a protein-free mask; the pair is one treatment.';
    }

    public function frees(): string
    {
        return 'make time for the mask of the same day';
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return $choice->protein !== StepKind::StrongProtein || $choice->masks();
    }
}
