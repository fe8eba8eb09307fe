<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use InvalidArgumentException;
use Nagomi\Core\Parameters\SchedulingParameters;

/** Hands on a head without a break, and what goes on by itself afterwards while the hands are free. */
final readonly class WorkSegment
{
    /**
     * @param float $handsMinutes   more than 0
     * @param float $waitingMinutes 0 or more
     * @param float $spread         of the logarithm of the hands' minutes
     * @param float $waitingSpread  of the logarithm of the waiting minutes; 0 where the clock decides
     * @param float|null $mostHoldMinutes what waits may sit on so long beyond its time, by its label or by what it is;
     *     null: as anything may
     * @param HeatedWait|null $heat what keeps the hair warm while it waits; null: nothing
     * @param list<EquipmentUse> $uses what the hands need, and when
     *
     * @throws InvalidArgumentException for minutes out of range
     */
    public function __construct(
        public float $handsMinutes,
        public float $waitingMinutes = 0.0,
        public float $spread = 0.2,
        public float $waitingSpread = 0.0,
        public ?float $mostHoldMinutes = null,
        public ?HeatedWait $heat = null,
        public array $uses = [],
    ) {
        if (
            is_nan($handsMinutes + $waitingMinutes)
                || $handsMinutes <= 0
                || $waitingMinutes < 0
                || $handsMinutes + $waitingMinutes > 1440
        ) {
            throw new InvalidArgumentException(
                'A stretch: more than 0 minutes of hands, and 0 or more of waiting, within a day.',
            );
        }
        if ($mostHoldMinutes !== null && ($mostHoldMinutes < 0 || is_nan($mostHoldMinutes))) {
            throw new InvalidArgumentException('A hold: 0 or more minutes.');
        }
    }

    /** Minutes that what waits may sit on, beyond its time, before hands come back. */
    public function holdMinutes(SchedulingParameters $parameters): int
    {
        return (int) min($parameters->mostHoldMinutes, $this->mostHoldMinutes ?? $parameters->mostHoldMinutes);
    }
}
