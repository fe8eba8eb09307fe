<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Models\Salon;
use App\Pages\Page;
use Carbon\CarbonImmutable;

/** The end of a day: what nobody said yet, what was done, and what it came to. */
final readonly class DayEndPage extends Page
{
    /**
     * @param array<string, list<DayEndRow>> $unsaid by day, the latest first: gone by, and nobody said how
     * @param list<DayEndRow> $toCome of this day, not over yet
     * @param list<DayEndRow> $said   of this day
     * @param DayEndSums      $sums   of what was done on this day
     * @param list<array{name: string, day: string, link: string}> $leftOpen wash days nobody finished
     */
    public function __construct(
        public Salon $salon,
        public CarbonImmutable $date,
        public bool $isToday,
        public array $unsaid,
        public array $toCome,
        public array $said,
        public DayEndSums $sums,
        public array $leftOpen,
    ) {
    }
}
