<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/** One way to place a sitting in a day: whose hands, when each stretch begins, and what the waiting in it costs. */
final readonly class Placement
{
    /**
     * @param list<int>            $starts minute each stretch begins
     * @param list<int>            $holds  minutes waited, after each stretch, beyond what it needs
     * @param array{int, int, int} $mask   slots the hands are taken
     * @param array{int, int, int} $chair  slots she has a chair
     */
    public function __construct(
        public string $hands,
        public array $starts,
        public array $holds,
        public array $mask,
        public array $chair,
        public int $finish,
        public float $cost,
    ) {
    }

    public function start(): int
    {
        return $this->starts[0];
    }
}
