<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

final readonly class NotAtHome implements Rule
{
    public function key(): string
    {
        return 'not-at-home';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return $standing->isInSalon() || array_intersect($choice->treatments(), $standing->terms->notAtHome) === [];
    }
}
