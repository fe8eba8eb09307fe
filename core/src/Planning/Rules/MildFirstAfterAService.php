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

    public function sentence(PlanningParameters $limits): string
    {
        return sprintf(
            'After colour, bleach or another chemical service strong protein waits %d days; mild may come with the next '
                . 'wash.',
            $limits->strongAfterAServiceDays,
        );
    }

    public function frees(): string
    {
        return 'wait the days, or give mild protein';
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        $since = $choice->protein === StepKind::StrongProtein ? $standing->daysSinceService() : null;

        return $since === null || $since >= $standing->limits()->strongAfterAServiceDays;
    }
}
