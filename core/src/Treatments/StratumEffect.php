<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

/**
 * What one step does to one stratum, as coefficients of one formula (Estimation works it out):
 *
 *   washable′ = washable · washableKept + washableAdded   stubborn′ = stubborn · stubbornKept + stubbornAdded
 *   moisture′ = moisture − moistureLost + moistureGain · e^υ · free · (1 − moisture/100)
 *   protein′  = protein  − proteinLost  + proteinGain  · e^υ · free · (1 − protein/100)
 *   wear′     = wear · wearKept + wearAdded        free = 1 − 0.6 · min(100, washable + stubborn)/100
 *
 * What the bottle leaves open is sd, as a share: of what is gained, and of the strength of the cleanse.
 * Reserves, build-up and wear on their scales of 0 to 100; shares 0 to 1.
 */
final readonly class StratumEffect
{
    public function __construct(
        public float $washableKept = 1.0,
        public float $stubbornKept = 1.0,
        public float $stubbornAdded = 0.0,
        public float $moistureLost = 0.0,
        public float $proteinLost = 0.0,
        public float $moistureGain = 0.0,
        public float $proteinGain = 0.0,
        public float $wearKept = 1.0,
        public float $wearAdded = 0.0,
        public float $washableAdded = 0.0,
        public float $moistureGainSd = 0.0,
        public float $proteinGainSd = 0.0,
        public float $cleanseSd = 0.0,
    ) {
    }
}
