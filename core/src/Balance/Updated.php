<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance;

use Nagomi\Core\Balance\Observation\Straight;

/** What an update came to, with what a smoother needs to take it back in. */
final readonly class Updated
{
    /**
     * @param State                           $state     before it is held to its scales
     * @param array<int, Straight>            $straights the equations as last laid straight
     * @param array<int, array<int, float>>   $gain      by reading, then index of the state
     * @param array<int, float>               $unexpected by reading: how far it lay from what was expected at the mean before
     * @param array<int, array<int, float>>   $precision by reading and reading: inverse covariance of the unexpected
     */
    public function __construct(
        public State $state,
        public array $straights,
        public array $gain,
        public array $unexpected,
        public array $precision,
    ) {
    }

    /** @return list<array<int, float>> how far each reading moved each quantity; the movements sum to the whole */
    public function moves(): array
    {
        $moves = [];
        foreach ($this->gain as $j => $column) {
            $moves[] = array_map(fn (float $weight): float => $weight * $this->unexpected[$j], $column);
        }

        return $moves;
    }
}
