<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Drawings\PlanTimeline;
use App\Models\Head;
use App\Models\Salon;
use App\Pages\Page;

/** The plans of several clients on one page. */
final readonly class SeveralPlansPage extends Page
{
    /**
     * @param array<array-key, mixed> $households
     * @param array<array-key, mixed> $stylists
     * @param array<int, array{head: Head, line: PlanTimeline, together: list<string>}> $rows
     */
    public function __construct(
        public Salon $salon,
        public string $household,
        public int $stylist,
        public array $households,
        public array $stylists,
        public array $rows,
    ) {
    }
}
