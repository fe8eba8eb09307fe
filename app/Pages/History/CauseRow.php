<?php

declare(strict_types=1);

namespace App\Pages\History;

/** One kind of step, or the days, and what it put in or took out over the weeks before and lately. */
final readonly class CauseRow
{
    /**
     * @param float           $before  in units of moisture, protein or wear, one decimal as all three
     * @param array{int, int} $times   how often it was done before, and lately; 0 for what passes day by day
     * @param bool            $isWorse by more than its own weeks vary
     */
    public function __construct(
        public string $words,
        public float $before,
        public float $lately,
        public float $change,
        public array $times,
        public bool $isWorse,
    ) {
    }
}
