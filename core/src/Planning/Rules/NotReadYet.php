<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Climate\WaterHardness;
use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

/**
 * Hair that nobody has read lately gets its usual care: no protein, and nothing that clarifies but for very hard water
 * or swimming.
 */
final readonly class NotReadYet implements Rule
{
    public function key(): string
    {
        return 'not-read-yet';
    }

    public function places(PlanningParameters $limits): array
    {
        return ['days' => $limits->notReadAfterDays];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        if (! $standing->terms->notReadYet) {
            return true;
        }
        $minerals = $standing->head->swims
            || $standing->head->hardnessMgPerL !== null
                && WaterHardness::fromMgPerL($standing->head->hardnessMgPerL) === WaterHardness::VeryHard;

        return $choice->protein === null && ($minerals || ! $choice->cleanse->clarifies());
    }
}
