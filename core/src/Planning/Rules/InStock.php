<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

final readonly class InStock implements Rule
{
    public function key(): string
    {
        return 'in-stock';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        foreach ($choice->treatments() as $treatment) {
            if (
                isset($standing->terms->stock[$treatment])
                    && ($standing->used[$treatment] ?? 0) >= $standing->terms->stock[$treatment]
            ) {
                return false;
            }
        }

        return true;
    }
}
