<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/** One way to place an appointment in a day: whose hands, when each stretch begins, and what that costs. */
final readonly class Placement
{
    /**
     * @param list<int>            $starts minute each stretch begins
     * @param list<int>            $holds  minutes waited, after each stretch, beyond what it needs
     * @param array{int, int, int} $mask   slots the hands are taken
     * @param array{int, int, int} $chair  slots a chair is taken
     * @param array<string, array{int, int, int}> $uses slots one of the equipment is taken, where it is counted
     * @param int                  $breakMinutes   of hands in a break
     * @param int                  $closingMinutes of hands outside the hours, breaks apart
     */
    public function __construct(
        public string $hands,
        public array $starts,
        public array $holds,
        public array $mask,
        public array $chair,
        public int $finish,
        public float $cost,
        public int $breakMinutes = 0,
        public int $closingMinutes = 0,
        public array $uses = [],
    ) {
    }

    /** Whether hands keep to their hours in it. */
    public function isWithinHours(): bool
    {
        return $this->breakMinutes + $this->closingMinutes === 0;
    }

    public function start(): int
    {
        return $this->starts[0];
    }
}
