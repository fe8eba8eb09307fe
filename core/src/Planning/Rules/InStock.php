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

    public function sentence(PlanningParameters $limits): string
    {
        return 'What a wash day uses is in stock.';
    }

    public function frees(): string
    {
        return 'order more, or count the stock again';
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
