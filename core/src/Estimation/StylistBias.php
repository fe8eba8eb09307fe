<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use InvalidArgumentException;
use Nagomi\Core\Readings\Sign;

/** How far one stylist reads a sign above the salon's usual, and how well that is known. */
final readonly class StylistBias
{
    /**
     * @param float $mean in the sign's unit; for counts as a logarithm
     * @param float $sd   of the mean, in the same unit
     *
     * @throws InvalidArgumentException for a sd below 0
     */
    public function __construct(
        public string $by,
        public Sign $sign,
        public float $mean,
        public float $sd,
    ) {
        if (! ($sd >= 0) || ! is_finite($mean) || ! is_finite($sd)) {
            throw new InvalidArgumentException('Bias: give a number, and its sd as 0 or more.');
        }
    }
}
