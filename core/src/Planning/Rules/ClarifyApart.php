<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Climate\WaterHardness;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

final readonly class ClarifyApart implements Rule
{
    public function key(): string
    {
        return 'clarify-apart';
    }

    public function places(PlanningParameters $limits): array
    {
        return [
            'days' => $limits->clarifyApartDays['usual'],
            'heavy' => $limits->clarifyApartDays['heavy'],
        ];
    }

    public function allows(WashOption $choice, RuleContext $standing): bool
    {
        if (! $choice->cleanse->clarifies() || $standing->lastClarify === null) {
            return true;
        }
        $head = $standing->head;
        $swimming = $standing->terms->occasions !== [] && $standing->terms->isSwimming($standing->date());
        $heavy = $head->swims
            || $swimming
            || $head->load === StylingLoad::Heavy
            || WaterHardness::fromMgPerL($head->hardness()) === WaterHardness::VeryHard;

        return $standing->day
            - $standing->lastClarify >= $standing->limits()->clarifyApartDays[$heavy ? 'heavy' : 'usual'];
    }
}
