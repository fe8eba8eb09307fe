<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

/** Dry or brittle hair is not clarified, unless build-up is the greater evil; then with a mask after. */
final readonly class DryHairIsNotStripped implements Rule
{
    public function key(): string
    {
        return 'dry-hair-is-not-stripped';
    }

    public function places(PlanningParameters $limits): array
    {
        return [];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return ! $choice->cleanse->clarifies()
            || ! $standing->hair->dry
            || $standing->hair->loaded && $choice->masks();
    }
}
