<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\Reading;

/** How one sign compares with what was expected of it. */
final readonly class ReadingCheck
{
    /**
     * @param float $expected what the state before led one to expect, in the sign's unit
     * @param float $zScore    distance from it in standard deviations, with its sign
     * @param bool  $again    further off than is believed at once; taken in with more doubt until it is confirmed
     * @param float $innovation  distance from it in the sign's unit; of a count as a share of what was expected
     * @param float $expectedSd doubt of that distance, noise and state together, in the same unit
     * @param float $noiseSd what of it is noise of the reading itself, in the same unit; 0 where it does not tell of that: a sign
     *     at the end of its scale
     */
    public function __construct(
        public Reading $reading,
        public MeasuredSign $measured,
        public float $expected,
        public float $zScore,
        public bool $again,
        public float $innovation = 0.0,
        public float $expectedSd = 0.0,
        public float $noiseSd = 0.0,
    ) {
    }
}
