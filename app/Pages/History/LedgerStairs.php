<?php

declare(strict_types=1);

namespace App\Pages\History;

use App\Drawings\Staircase;
use App\Drawings\Step;
use Carbon\CarbonImmutable;

/** How one reserve came to where it is, step by step. Levels are in tenths of a point. */
final readonly class LedgerStairs
{
    /**
     * @param string $column moisture, protein or build_up
     * @param list<array{date: CarbonImmutable, steps: list<Step>}> $days
     * @param array<string, int> $sums of all steps, by their kind
     */
    public function __construct(
        public string $column,
        public int $start,
        public int $end,
        public array $days,
        public array $sums,
        public Staircase $picture,
    ) {
    }
}
