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

    public function sentence(PlanningParameters $limits): string
    {
        return 'Mild protein comes at most every other wash, and not right after a protein day.';
    }

    public function frees(): string
    {
        return 'leave a wash day between';
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return $choice->protein !== StepKind::MildProtein || ! $standing->proteinLast;
    }
}
