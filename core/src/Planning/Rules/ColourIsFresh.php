<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\OccasionKind;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\Calendar;

final readonly class ColourIsFresh implements Rule
{
    public function key(): string
    {
        return 'colour-is-fresh';
    }

    public function sentence(PlanningParameters $limits): string
    {
        return sprintf('Fresh colour is not clarified or chelated for %d days.', $limits->colourFreshDays);
    }

    public function frees(): string
    {
        return 'wait the days, or clarify before the colour';
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        if (! $choice->cleanse->clarifies() || $standing->terms->occasions === []) {
            return true;
        }
        $date = $standing->date();
        foreach ($standing->terms->of(OccasionKind::NewColour) as $colour) {
            $since = Calendar::daysBetween($colour->until, $date);
            if ($date >= $colour->from && $since <= $standing->limits()->colourFreshDays) {
                return false;
            }
        }

        return true;
    }
}
