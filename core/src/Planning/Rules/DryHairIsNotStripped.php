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

    public function sentence(PlanningParameters $limits): string
    {
        return 'Dry or brittle hair is not clarified or chelated; where build-up is past its limit as well, with a mask after.';
    }

    public function frees(): string
    {
        return 'give it moisture first, or read it again';
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        return ! $choice->cleanse->clarifies()
            || ! $standing->hair->dry
            || $standing->hair->loaded && $choice->masks();
    }
}
