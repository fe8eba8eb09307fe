<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

final readonly class PatchTestFirst implements Rule
{
    public function key(): string
    {
        return 'patch-test-first';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        foreach ($choice->treatments() as $treatment) {
            $from = $standing->terms->barredUntil[$treatment] ?? null;
            if ($from !== null && $standing->date() < $from) {
                return false;
            }
        }

        return true;
    }
}
