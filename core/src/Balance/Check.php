<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance;

use Nagomi\Core\Reading\Measured;
use Nagomi\Core\Reading\Reading;

/** How one sign compares with what was expected of it. */
final readonly class Check
{
    /**
     * @param float $expected what the state before led one to expect, in the sign's unit
     * @param float $apart    distance from it in standard deviations, with its sign
     * @param bool  $again    further off than is believed at once; taken in with more doubt until it is confirmed
     * @param float $residual  distance from it in the sign's unit; of a count as a share of what was expected
     * @param float $expectedSd doubt of that distance, noise and state together, in the same unit
     */
    public function __construct(
        public Reading $reading,
        public Measured $measured,
        public float $expected,
        public float $apart,
        public bool $again,
        public float $residual = 0.0,
        public float $expectedSd = 0.0,
    ) {
    }
}
