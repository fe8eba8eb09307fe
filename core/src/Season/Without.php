<?php

declare(strict_types=1);

namespace Nagomi\Core\Season;

use DateTimeImmutable;

/** When the band would be left if an item were left out: by the mean, and the 80 % range of the first passage. */
final readonly class Without
{
    /**
     * @param string                 $what    moisture, protein or build-up
     * @param string                 $stratum the stratum that leaves first
     * @param DateTimeImmutable|null $date    null: not within these weeks
     */
    public function __construct(
        public string $what,
        public string $stratum,
        public ?DateTimeImmutable $date,
        public ?DateTimeImmutable $earliest,
        public ?DateTimeImmutable $latest,
        public bool $alreadyOutside = false,
    ) {
    }
}
