<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation\Observation;

use Nagomi\Core\Estimation\State;
use Nagomi\Core\Statistics\Normal;

/**
 * A sign that is a straight line of the state but for the distance of some quantities from their targets, which counts
 * on either
 * side alike: |x − x*| is taken by its expectation under the state's doubt, which has no corner.
 */
final readonly class DistanceFromTarget implements Observation
{
    /**
     * @param array<int, float>               $slopes    by index of the state
     * @param array<int, array{float, float}> $distances by index of the state: slope against the distance, target
     * @param float                           $sd        noise, > 0
     */
    public function __construct(
        private float $atZero,
        private array $slopes,
        private array $distances,
        private float $value,
        private float $sd,
    ) {
    }

    public function linearized(State $at): LinearizedObservation
    {
        $expected = $this->atZero;
        $slopes = $this->slopes;
        foreach ($slopes as $index => $slope) {
            $expected += $slope * $at->mean[$index];
        }
        foreach ($this->distances as $index => [$slope, $target]) {
            $sd = max(0.5, sqrt(max(0.0, $at->covariance[$index][$index])));
            $z = ($at->mean[$index] - $target) / $sd;
            $side = 2 * Normal::cumulative($z) - 1;
            $expected += $slope * $sd * (2 * Normal::density($z) + $z * $side);
            $slopes[$index] = ($slopes[$index] ?? 0.0) + $slope * $side;
        }

        return new LinearizedObservation($slopes, $this->value - $expected, $this->sd ** 2, $expected);
    }
}
