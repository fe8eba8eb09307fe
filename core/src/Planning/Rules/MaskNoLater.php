<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

final readonly class MaskNoLater implements Rule
{
    public function key(): string
    {
        return 'mask-no-later';
    }

    public function sentence(PlanningParameters $limits): string
    {
        return sprintf(
            'A mask comes no later than %d days after the last, else on the first possible day.',
            $limits->maskNoLaterDays,
        );
    }

    public function frees(): string
    {
        return 'make room for a mask on this day';
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return $choice->masks()
            || $standing->lastMask === null
            || ($standing->nextWash ?? $standing->day) - $standing->lastMask <= $standing->limits()->maskNoLaterDays;
    }
}
