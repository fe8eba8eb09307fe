<?php

declare(strict_types=1);

namespace Nagomi\Core\Season\Rule;

use Nagomi\Core\Season\Choice;
use Nagomi\Core\Season\Standing;

final readonly class SoreScalpIsSpared implements Rule
{
    public function key(): string
    {
        return 'sore-scalp-is-spared';
    }

    public function sentence(): string
    {
        return 'A sore scalp bars heat and clarifying or chelating cleansing until it is cleared.';
    }

    public function frees(): string
    {
        return 'have the scalp cleared';
    }

    public function allows(Choice $choice, Standing $standing): bool
    {
        return ! $standing->head->soreScalp || ! ($choice->heat || $choice->cleanse->clarifies());
    }
}
