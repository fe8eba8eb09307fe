<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

final readonly class ProteinByHandOnly implements Rule
{
    public function key(): string
    {
        return 'protein-by-hand-only';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return $choice->protein === null
            || ! (
                $standing->head->proteinSensitive || $standing->head->method->says(MethodQuestion::Protein, 'avoided')
            );
    }
}
