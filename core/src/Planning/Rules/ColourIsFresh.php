<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

/** Colour that was done, or is to be done, is left alone at first: from the record as well as from what is to come. */
final readonly class ColourIsFresh implements Rule
{
    public function key(): string
    {
        return 'colour-is-fresh';
    }

    public function places(PlanningParameters $limits): array
    {
        return ['days' => $limits->colourFreshDays];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        $since = $choice->cleanse->clarifies() ? $standing->daysSinceService() : null;

        return $since === null || $since > $standing->limits()->colourFreshDays;
    }
}
