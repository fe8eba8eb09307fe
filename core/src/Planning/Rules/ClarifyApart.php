<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Climate\WaterHardness;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Parameters\ModelParameters;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

final readonly class ClarifyApart implements Rule
{
    public function key(): string
    {
        return 'clarify-apart';
    }

    public function sentence(): string
    {
        return sprintf(
            'Clarifying or chelating is kept at least %d days apart (%d with heavy styling, pool or very hard water).',
            ModelParameters::CLARIFY_APART_DAYS['usual'],
            ModelParameters::CLARIFY_APART_DAYS['heavy'],
        );
    }

    public function frees(): string
    {
        return 'wait the days, or set the cleanse by hand';
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
            - $standing->lastClarify >= ModelParameters::CLARIFY_APART_DAYS[$heavy ? 'heavy' : 'usual'];
    }
}
