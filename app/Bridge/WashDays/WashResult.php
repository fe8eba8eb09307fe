<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use Carbon\CarbonImmutable;

/** A wash day and how it came out. */
final readonly class WashResult
{
    /**
     * @param string       $key     of the wash day
     * @param float        $score   0 to 10, more is better: what was read once styled
     * @param list<string> $bottles by name
     * @param list<string> $steps   what was done, in words and without minutes
     */
    public function __construct(
        public string $key,
        public CarbonImmutable $date,
        public float $score,
        public array $bottles,
        public array $steps,
    ) {
    }
}
