<?php

declare(strict_types=1);

namespace App\Pages\Reports;

use App\Drawings\TimesShipped;

/** How much one stylist's results, or those of one hair test, scatter. */
final readonly class ScatterRow
{
    /**
     * @param string $here    times as much as usual, in words
     * @param string $between least and most of that, in words
     * @param string $counts  what one of them counts for, in words
     */
    public function __construct(
        public string $name,
        public string $here,
        public string $between,
        public string $counts,
        public TimesShipped $picture,
    ) {
    }
}
