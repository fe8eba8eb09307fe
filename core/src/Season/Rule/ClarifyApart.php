<?php

declare(strict_types=1);

namespace Nagomi\Core\Season\Rule;

use Nagomi\Core\Air\WaterHardness;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Season\Choice;
use Nagomi\Core\Season\Standing;

final readonly class ClarifyApart implements Rule
{
    public function key(): string
    {
        return 'clarify-apart';
    }

    public function sentence(): string
    {
        return sprintf('Clarifying or chelating is kept at least %d days apart (%d with heavy styling, pool or very hard water).', Model::CLARIFY_APART_DAYS['usual'], Model::CLARIFY_APART_DAYS['heavy']);
    }

    public function frees(): string
    {
        return 'wait the days, or set the cleanse by hand';
    }

    public function allows(Choice $choice, Standing $standing): bool
    {
        if (! $choice->cleanse->clarifies() || $standing->lastClarify === null) {
            return true;
        }
        $head = $standing->head;
        $swimming = $standing->terms->occasions !== [] && $standing->terms->isSwimming($standing->date());
        $heavy = $head->swims || $swimming || $head->load === StylingLoad::Heavy || WaterHardness::fromMgPerL($head->hardness()) === WaterHardness::VeryHard;

        return $standing->day - $standing->lastClarify >= Model::CLARIFY_APART_DAYS[$heavy ? 'heavy' : 'usual'];
    }
}
