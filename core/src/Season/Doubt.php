<?php

declare(strict_types=1);

namespace Nagomi\Core\Season;

use Nagomi\Core\Balance\Layout;
use Nagomi\Core\Balance\Point;

/** How uncertain each stratum is on each day ahead, taken from a forecast and held while plans are compared. */
final readonly class Doubt
{
    /**
     * @param array<int, array<int, float>> $moistureSd by stratum, then day
     * @param array<int, array<int, float>> $proteinSd  by stratum, then day
     * @param array<int, array<int, float>> $buildUpSd  by stratum, then day
     */
    public function __construct(
        public array $moistureSd,
        public array $proteinSd,
        public array $buildUpSd,
    ) {
    }

    /** @param list<Point> $forecast one for each day from today */
    public static function of(array $forecast): self
    {
        $moisture = $protein = $buildUp = [];
        foreach ($forecast as $point) {
            foreach (array_keys($point->state->layout->head->strata) as $s) {
                // A sd of 0 would divide by zero; a quarter of a unit is below anything a reading tells.
                $moisture[$s][] = max(0.25, $point->state->sd($s, Layout::MOISTURE));
                $protein[$s][] = max(0.25, $point->state->sd($s, Layout::PROTEIN));
                $buildUp[$s][] = max(0.25, $point->state->buildUpSd($s));
            }
        }

        return new self(array_values($moisture), array_values($protein), array_values($buildUp));
    }
}
