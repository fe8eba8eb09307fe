<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

/** A pre-wash belongs to the wash; it is put on the evening before only where the day is too short for it. */
final readonly class PreWashOnTheDay implements Rule
{
    public function key(): string
    {
        return 'pre-wash-on-the-day';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        if (! $choice->preWashBefore) {
            return true;
        }
        $limit = $standing->minutesLimit();
        // This evening is before tomorrow; there is none left before today.
        $isThere = $standing->day > 0 && $standing->terms->canWash($standing->date()->modify('-1 day'));

        return $isThere
            && $limit !== null
            && $standing->terms->minutes($choice->preWashed(false), $standing->head) > $limit;
    }
}
