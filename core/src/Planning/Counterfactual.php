<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;

/** When the band would first be left if an item were left out, counted over drawn paths of the head. */
final readonly class Counterfactual
{
    /**
     * @param string                 $what    moisture, protein or build-up
     * @param string                 $stratum the stratum that leaves first
     * @param DateTimeImmutable|null $date    by which half of the paths have left; null: not within these weeks
     * @param DateTimeImmutable|null $earliest of the days that hold four of five paths; null: open, from the day itself
     * @param DateTimeImmutable|null $latest   of the same; null: open, later than these weeks
     * @param float                  $certainty probability that the band would be left within these weeks, 0 to 1
     */
    public function __construct(
        public string $what,
        public string $stratum,
        public ?DateTimeImmutable $date,
        public ?DateTimeImmutable $earliest,
        public ?DateTimeImmutable $latest,
        public bool $alreadyOutside = false,
        public float $certainty = 1.0,
    ) {
    }
}
