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

    public function places(PlanningParameters $limits): array
    {
        return ['days' => $limits->maskNoLaterDays];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        // What was wished out cannot be asked for.
        return $choice->masks()
            || $choice->inStyle
            || $standing->terms->wishes->all !== [] && $standing->terms->wishes->leaveOut('mask', $standing->date())
            || $standing->lastMask === null
            || ($standing->nextWash ?? $standing->day) - $standing->lastMask <= $standing->limits()->maskNoLaterDays;
    }
}
