<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation\Observation;

/**
 * An equation laid straight at one state: value − expected ≈ slopes · (x − state) + noise.
 * For signs whose noise is not Gaussian, residual and variance are the working residual (score over information)
 * and working variance (one over information), so that one Gaussian update is one Newton step.
 */
final readonly class LinearizedObservation
{
    /** @param array<int, float> $slopes by index of the state */
    public function __construct(
        public array $slopes,
        public float $innovation,
        public float $variance,
        public float $expected,
    ) {
    }
}
