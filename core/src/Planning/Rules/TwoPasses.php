<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

final readonly class TwoPasses implements Rule
{
    public function key(): string
    {
        return 'two-passes';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return $choice->passes <= 2;
    }
}
