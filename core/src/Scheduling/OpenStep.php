<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

/** A step of a running wash day that is still to be done. */
final readonly class OpenStep
{
    /**
     * @param float      $handsMinutes   0 or more
     * @param float      $waitingMinutes 0 or more
     * @param bool       $isBeside       done while what waits goes on
     * @param float|null $holdMinutes    what waits may sit on beyond its time; null: as long as anything may
     * @param HeatedWait|null $heat what keeps the hair warm while it waits; null: nothing
     * @param Equipment|null $equipment what the hands need; null: nothing there are few of
     */
    public function __construct(
        public float $handsMinutes,
        public float $waitingMinutes = 0.0,
        public bool $isBeside = false,
        public float $spread = 0.2,
        public float $waitingSpread = 0.0,
        public ?float $holdMinutes = null,
        public ?HeatedWait $heat = null,
        public ?Equipment $equipment = null,
    ) {
    }
}
