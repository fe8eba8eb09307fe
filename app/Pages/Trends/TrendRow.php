<?php

declare(strict_types=1);

namespace App\Pages\Trends;

/** One reading of a trend, as its table shows it. */
final readonly class TrendRow
{
    /**
     * @param string $value   in the unit of the trend, written out
     * @param string $average moving average; '' of the first readings
     * @param string $limits  between which it is usual; '' of the first readings
     * @param string $says    whether it is one of the first, usual or changed; '' while readings are too few
     */
    public function __construct(
        public string $date,
        public string $value,
        public string $average,
        public string $limits,
        public string $says,
        public string $by,
    ) {
    }
}
