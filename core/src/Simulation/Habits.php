<?php

declare(strict_types=1);

namespace Nagomi\Core\Simulation;

use Nagomi\Core\Treatments\CleanseKind;

/** What a client and the stylist did by habit, before anybody planned it. */
final readonly class Habits
{
    /**
     * @param int   $maskEvery    every how many wash days a mask; 0 never
     * @param int   $strongEvery  every how many wash days strong protein; 0 never
     * @param int   $clarifyEvery every how many wash days a clarifying cleanse; 0 never
     * @param int   $visitEvery   every how many wash days one is in the salon and read
     * @param float $missed       probability that a wash day slips by
     * @param float $leavesOut    probability that a planned treatment is left out at home, once there is a plan
     */
    public function __construct(
        public int $maskEvery = 1,
        public int $strongEvery = 5,
        public int $clarifyEvery = 4,
        public int $visitEvery = 2,
        public float $maskMinutes = 25,
        public bool $heat = false,
        public CleanseKind $cleanse = CleanseKind::Shampoo,
        public ?string $preWash = null,
        public bool $leaveIn = true,
        public bool $seal = false,
        public float $missed = 0.08,
        public string $tool = 'comb',
        public float $startMoisture = 58,
        public float $startProtein = 58,
        public float $startBuildUp = 14,
        public float $startWear = 12,
        public float $leavesOut = 0.0,
    ) {
    }
}
