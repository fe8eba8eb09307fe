<?php

declare(strict_types=1);

namespace Nagomi\Core\Scalp;

use DateTimeImmutable;
use Nagomi\Core\Readings\Sign;

/** How one sign of the scalp compares with what was foretold of it. */
final readonly class ScalpCheck
{
    /**
     * @param string $by       who read it; '' where nobody signed
     * @param float  $value    as it was read, in the sign's unit
     * @param float  $expected before it was read, in the same unit
     * @param float  $zScore   distance from that in standard deviations, noise and doubt together, with its sign
     */
    public function __construct(
        public DateTimeImmutable $date,
        public Sign $sign,
        public string $by,
        public float $value,
        public float $expected,
        public float $zScore,
    ) {
    }
}
