<?php

declare(strict_types=1);

namespace Nagomi\Core\Trials;

/** What one cause put in or took out over the last weeks, beside as many weeks before them. */
final readonly class CauseChange
{
    /**
     * @param float $before   sum over the earlier weeks, in units of reserve or wear
     * @param float $lately   sum over the later ones
     * @param int   $timesBefore how often it was done; 0 for what passes day by day
     * @param float $byChance how often dealing the weeks anew parts them at least as far to that side; 0 to 1
     */
    public function __construct(
        public string $cause,
        public float $before,
        public float $lately,
        public int $timesBefore,
        public int $timesLately,
        public float $byChance,
    ) {
    }

    public function change(): float
    {
        return $this->lately - $this->before;
    }

    /** @return float size of the larger of the two sums, in units of reserve or wear */
    public function furthest(): float
    {
        return max(abs($this->before), abs($this->lately));
    }
}
