<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

/**
 * What is broken, weeping, sudden, patchy or painful is seen first; until then no treatment that could make it worse.
 */
final readonly class ReferredFirst implements Rule
{
    public function key(): string
    {
        return 'referred-first';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return ! $standing->head->redSign
            || ($choice->protein === null && ! $choice->heat && ! $choice->cleanse->clarifies());
    }
}
