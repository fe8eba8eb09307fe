<?php

declare(strict_types=1);

namespace App\Pages\Trends;

/** One reading of a trend, as its table shows it. */
final readonly class TrendRow
{
    /**
     * @param string $value   in the unit of the trend, written out
     * @param string $average moving average; '' while readings are too few
     * @param string $limits  between which is ordinary; '' while readings are too few
     * @param string $changed 'changed', 'ordinary' or ''
     */
    public function __construct(
        public string $date,
        public string $value,
        public string $average,
        public string $limits,
        public string $changed,
        public string $by,
    ) {
    }
}
