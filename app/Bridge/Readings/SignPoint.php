<?php

declare(strict_types=1);

namespace App\Bridge\Readings;

use Nagomi\Core\Readings\MeasuredSign;

/** One reading of one sign. */
final readonly class SignPoint
{
    /** @param string $date of the salon, as Y-m-d */
    public function __construct(
        public string $date,
        public MeasuredSign $measured,
        public string $by,
    ) {
    }
}
