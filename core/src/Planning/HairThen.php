<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/** What is to be expected of the hair when it comes to a wash day, as far as the rules ask. */
final readonly class HairThen
{
    /**
     * @param bool  $proteinHigh some stratum is above its protein band with more than the barred probability
     * @param bool  $dry         moisture of some stratum is more likely below its band than not: dry, brittle or
     *     depleted
     * @param bool  $loaded      build-up of some stratum is more likely past its limit than not
     * @param float $proteinLow  probability, 0 to 1, that protein of some stratum lies below its band by the end of
     *     the days looked ahead, if it is left out until then
     */
    public function __construct(
        public bool $proteinHigh = false,
        public bool $dry = false,
        public bool $loaded = false,
        public float $proteinLow = 1.0,
    ) {
    }
}
