<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use DateTimeImmutable;

/** Where a head stood at the end of a day, and what its hair wears until the next wash day. */
final readonly class Snapshot
{
    /**
     * @param bool $sealed it was sealed with oil or butter, and fades more slowly
     * @param bool $tight  it is up in a tight style, and wears by the day
     */
    public function __construct(
        public DateTimeImmutable $date,
        public State $state,
        public bool $sealed,
        public bool $tight = false,
    ) {
    }
}
