<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use DateTimeImmutable;

/** How the minutes of one detangling compare with what was foretold of them. */
final readonly class DetanglingCheck
{
    /**
     * @param float $minutes  a section, as it was timed
     * @param float $expected before, as likely to be more as less
     * @param float $zScore   distance of the logarithm from that in standard deviations, with its sign
     */
    public function __construct(
        public DateTimeImmutable $date,
        public float $minutes,
        public float $expected,
        public float $zScore,
    ) {
    }
}
