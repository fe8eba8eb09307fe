<?php

declare(strict_types=1);

namespace Nagomi\Core\Season\Rule;

use Nagomi\Core\Season\Choice;
use Nagomi\Core\Season\Standing;

final readonly class WithinMinutes implements Rule
{
    public function key(): string
    {
        return 'within-minutes';
    }

    public function sentence(): string
    {
        return 'The wash day fits into the time the client has.';
    }

    public function allows(Choice $choice, Standing $standing): bool
    {
        return $standing->head->minutesLimit === null || $choice->minutes($standing->head) <= $standing->head->minutesLimit;
    }
}
