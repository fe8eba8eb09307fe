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

    public function sentence(PlanningParameters $limits): string
    {
        return 'Two passes of a cleanse are enough; a third only by hand, after a look for stripping.';
    }

    public function frees(): string
    {
        return 'set the third pass by hand';
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return $choice->passes <= 2;
    }
}
