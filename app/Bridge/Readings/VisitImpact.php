<?php

declare(strict_types=1);

namespace App\Bridge\Readings;

/**
 * What readings tell of a head: the balance with them beside the balance without them. Worked out beside the book;
 * nothing is stored.
 */
final readonly class VisitImpact
{
    /**
     * @param list<array<string, mixed>> $before   where each stratum stands today without them
     * @param list<array<string, mixed>> $after    and with them
     * @param list<string>               $ruledOut cells that were well possible and hardly are now
     * @param list<array<string, mixed>> $readings one for each: what it says, what it moved, whether it is to be
     *     checked again
     */
    public function __construct(
        public array $before,
        public array $after,
        public array $ruledOut,
        public array $readings,
    ) {
    }
}
