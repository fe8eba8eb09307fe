<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

/** A state after something happened to it, how it got there, and where it had to be held at the edge of a scale. */
final readonly class Prediction
{
    /**
     * @param list<ScaleLimit>                    $limits
     * @param array<int, array<int, float>>  $slopes rows of the Jacobian that differ from the identity
     */
    public function __construct(
        public State $state,
        public array $limits = [],
        public array $slopes = [],
    ) {
    }
}
