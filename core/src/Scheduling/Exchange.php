<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/** Other hands for one client of a day, and what that is good for. */
final readonly class Exchange
{
    /**
     * @param Placement          $placement with whose hands and when it would begin
     * @param float              $saves     in minutes waited, as they are weighed
     * @param array<string, int> $sooner    minutes that others of the same hands begin sooner, by appointment
     */
    public function __construct(
        public Appointment $appointment,
        public Placement $placement,
        public float $saves,
        public array $sooner,
    ) {
    }
}
