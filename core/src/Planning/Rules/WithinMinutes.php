<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

final readonly class WithinMinutes implements Rule
{
    public function key(): string
    {
        return 'within-minutes';
    }

    public function places(PlanningParameters $limits): array
    {
        return ['years' => $limits->childUntilYears, 'child' => $limits->childMostMinutes];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        $limit = $standing->minutesLimit();

        // What fits at most is not laid out for that day; what might not fit is.
        return $limit === null
            || $standing->minutes($choice) <= $limit
            || $standing->exactMinutes($choice) <= $limit;
    }
}
