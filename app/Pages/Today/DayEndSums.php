<?php

declare(strict_types=1);

namespace App\Pages\Today;

/** What a day came to. */
final readonly class DayEndSums
{
    /**
     * @param int $dueCents   of what is done, tax and all
     * @param int $taxCents   of it
     * @param int $paidCents  of it, as deposits before the day
     * @param int $leftCents  of it, on the day
     * @param int $keptCents  deposits of visits that did not come about
     */
    public function __construct(
        public int $done,
        public int $missed,
        public int $cancelled,
        public int $dueCents,
        public int $taxCents,
        public int $paidCents,
        public int $leftCents,
        public int $keptCents,
    ) {
    }
}
