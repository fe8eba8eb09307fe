<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;

/** What is known of the ends of one head: counted, measured, and last cut. */
final readonly class TrimEvidence
{
    /**
     * @param float|null             $ends     splits and knots a section at the last count, 0 or more; null: not counted
     * @param float|null             $taper    thickness kept from root to tip at the last measuring, 0 to 100 %; null:
     *     not measured
     * @param DateTimeImmutable|null $lastTrim null: none is on record
     * @param float|null             $lengthMm stretched length; null: not measured
     */
    public function __construct(
        public ?float $ends = null,
        public ?DateTimeImmutable $endsOn = null,
        public ?float $taper = null,
        public ?DateTimeImmutable $taperOn = null,
        public ?DateTimeImmutable $lastTrim = null,
        public ?float $lengthMm = null,
        public float $growthMmADay = 0.29,
    ) {
    }
}
