<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\StepKind;

/** After bleach, colour or another chemical service: mild protein from the next wash on, strong only later. */
final readonly class MildFirstAfterAService implements Rule
{
    public function key(): string
    {
        return 'mild-first-after-a-service';
    }

    public function places(PlanningParameters $limits): array
    {
        return ['days' => $limits->strongAfterAServiceDays];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        $since = $choice->protein === StepKind::StrongProtein ? $standing->daysSinceService() : null;

        return $since === null || $since >= $standing->limits()->strongAfterAServiceDays;
    }
}
