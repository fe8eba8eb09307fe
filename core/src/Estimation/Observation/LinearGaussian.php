<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation\Observation;

use Nagomi\Core\Estimation\State;

/** A sign that is a straight line of the state with Gaussian noise. */
final readonly class LinearGaussian implements Observation
{
    /**
     * @param float             $atZero what is expected where all of the state is 0
     * @param array<int, float> $slopes by index of the state
     * @param float             $sd     noise, > 0
     */
    public function __construct(
        private float $atZero,
        private array $slopes,
        private float $value,
        private float $sd,
    ) {
    }

    public function linearized(State $at): LinearizedObservation
    {
        $expected = $this->atZero;
        foreach ($this->slopes as $index => $slope) {
            $expected += $slope * $at->mean[$index];
        }

        return new LinearizedObservation($this->slopes, $this->value - $expected, $this->sd ** 2, $expected);
    }
}
