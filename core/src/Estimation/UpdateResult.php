<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Estimation\Observation\LinearizedObservation;

/** What an update came to, with what a smoother needs to take it back in. */
final readonly class UpdateResult
{
    /**
     * @param State                           $state     before it is held to its scales
     * @param array<int, LinearizedObservation>            $linearized the equations as last laid straight
     * @param array<int, array<int, float>>   $gain      by reading, then index of the state
     * @param array<int, float> $innovations by reading: how far it lay from what was expected at the mean before
     * @param array<int, array<int, float>>   $precision by reading and reading: inverse covariance of the unexpected
     */
    public function __construct(
        public State $state,
        public array $linearized,
        public array $gain,
        public array $innovations,
        public array $precision,
    ) {
    }

    /** @return list<array<int, float>> how far each reading moved each quantity; the movements sum to the whole */
    public function moves(): array
    {
        $moves = [];
        foreach ($this->gain as $j => $column) {
            $moves[] = array_map(fn (float $weight): float => $weight * $this->innovations[$j], $column);
        }

        return $moves;
    }
}
