<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

/**
 * A style that is worn is washed as it is, rinsed out and left alone; what has to reach every strand waits for the day it
 * comes down.
 */
final readonly class StyleStaysUp implements Rule
{
    public function key(): string
    {
        return 'style-stays-up';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return $choice->inStyle === $standing->wearsStyle();
    }
}
