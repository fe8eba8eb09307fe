<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Treatments\WashDay;

/** A wash day and how it came out. */
final readonly class StyledDay
{
    /** @param float $score 0 to 10, more is better: what was read once styled */
    public function __construct(
        public WashDay $day,
        public float $score,
    ) {
    }
}
