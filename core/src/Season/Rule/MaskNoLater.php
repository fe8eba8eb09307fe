<?php

declare(strict_types=1);

namespace Nagomi\Core\Season\Rule;

use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Season\Choice;
use Nagomi\Core\Season\Standing;

final readonly class MaskNoLater implements Rule
{
    public function key(): string
    {
        return 'mask-no-later';
    }

    public function sentence(): string
    {
        return sprintf('A mask comes no later than %d days after the last, else on the first possible day.', Model::MASK_NO_LATER_DAYS);
    }

    public function frees(): string
    {
        return 'make room for a mask on this day';
    }

    public function allows(Choice $choice, Standing $standing): bool
    {
        return $choice->masks()
            || $standing->lastMask === null
            || ($standing->nextWash ?? $standing->day) - $standing->lastMask <= Model::MASK_NO_LATER_DAYS;
    }
}
