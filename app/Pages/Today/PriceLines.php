<?php

declare(strict_types=1);

namespace App\Pages\Today;

use Nagomi\Core\Pricing\Bill;

/** What a visit comes to, line by line. */
final readonly class PriceLines
{
    /**
     * @param array<string, int> $lines cents by what they are, as words; below zero: taken off
     * @param string $why     where the price comes from
     * @param string $listNow what the list would say by now, where that is something else; '' it is the same
     * @param string $decide  what is to be said of the deposit of a visit that did not come about; '' nothing
     */
    public function __construct(
        public Bill $bill,
        public array $lines,
        public string $why,
        public string $listNow,
        public string $decide,
    ) {
    }
}
