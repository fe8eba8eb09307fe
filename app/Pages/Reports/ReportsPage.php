<?php

declare(strict_types=1);

namespace App\Pages\Reports;

use App\Drawings\SharesByWeek;
use App\Models\Salon;
use App\Pages\Page;

/** The reports over a salon. */
final readonly class ReportsPage extends Page
{
    /**
     * @param array{
     *     share: float|null, heads: int, weeks: list<array{from: string, share: float}>,
     *     worst: list<array{head: string, name: string, share: float}>, change: BalanceChange|null,
     * } $balance
     * @param array{
     *     counts: int, clients: int, broken: int, all: int, share: float|null, least: float|null, most: float|null,
     *     digits: int,
     * } $breakage
     * @param array{
     *     counts: int, clients: int, broken: int, all: int, share: float|null, least: float|null, most: float|null,
     *     digits: int,
     * } $breakageBefore
     * @param array{
     *     rows: list<array{
     *         name: string, bookings: int, timed: int, booked: int, used: int, close: int, earned_cents: int,
     *         tax_cents: int,
     *     }>,
     *     cancelled: int, missed: int, unsaid: int, kept_cents: int,
     * } $time
     * @param array{
     *     rows: list<array{name: string, kind: string, ml: float, cents: int|null}>, cents: int, washDays: int,
     * } $products
     * @param list<array{label: string, at: string, isShown: bool}> $spans how far back is asked for most
     * @param list<string> $news whether it gets better, in words
     * @param list<string> $standsOut hair test results that do not come as foretold, and what the salon's
     *     records say otherwise, in words
     */
    public function __construct(
        public Salon $salon,
        public ReportPeriod $period,
        public array $spans,
        public array $news,
        public array $standsOut,
        public SharesByWeek $weeks,
        public array $balance,
        public array $breakage,
        public array $breakageBefore,
        public array $time,
        public array $products,
    ) {
    }
}
