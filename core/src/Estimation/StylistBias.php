<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use InvalidArgumentException;
use Nagomi\Core\Readings\Sign;

/** How one stylist reads a sign: how far above the salon's usual, how well that is known, and how much it scatters. */
final readonly class StylistBias
{
    /**
     * @param float $mean in the sign's unit; for counts as a logarithm
     * @param float $sd   of the mean, in the same unit
     * @param float $noiseFactor times the usual noise of a reading of it, > 0: {@see ReadingNoiseEstimator}
     *
     * @throws InvalidArgumentException for a sd below 0, or noise that is none
     */
    public function __construct(
        public string $by,
        public Sign $sign,
        public float $mean,
        public float $sd,
        public float $noiseFactor = 1.0,
    ) {
        if (! ($sd >= 0) || ! is_finite($mean) || ! is_finite($sd)) {
            throw new InvalidArgumentException('Bias: give a number, and its sd as 0 or more.');
        }
        if (! ($noiseFactor > 0) || ! is_finite($noiseFactor)) {
            throw new InvalidArgumentException('Bias: give its noise as times the usual, more than 0.');
        }
    }
}
