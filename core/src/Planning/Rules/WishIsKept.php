<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

/** What was wished out of a plan for a span stays out of it. */
final readonly class WishIsKept implements Rule
{
    public function key(): string
    {
        return 'wish-is-kept';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        if ($standing->terms->wishes->all === []) {
            return true;
        }
        foreach ($choice->treatments() as $treatment) {
            if ($standing->terms->wishes->leaveOut($treatment, $standing->date())) {
                return false;
            }
        }

        return true;
    }
}
