<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance;

use DateTimeImmutable;

/** Where a head stood at the end of a day, and whether it was sealed. */
final readonly class Point
{
    public function __construct(
        public DateTimeImmutable $date,
        public State $state,
        public bool $sealed,
    ) {
    }
}
