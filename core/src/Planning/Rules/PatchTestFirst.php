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

    public function sentence(PlanningParameters $limits): string
    {
        return 'A product new to a sensitive head waits for its patch test, 48 hours.';
    }

    public function frees(): string
    {
        return 'do the patch test 48 hours before, or use a product the client knows';
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
