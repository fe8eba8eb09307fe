<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/** A time at which one more client can begin, and what it leaves behind. */
final readonly class Opening
{
    /** @param int $lostMinutes of these hands that become too short to be used, beside what is booked already */
    public function __construct(public Placement $placement, public int $lostMinutes)
    {
    }
}
