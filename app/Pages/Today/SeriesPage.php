<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Models\Booking;
use App\Pages\Page;

/** A booking that is to be made again every so many weeks. */
final readonly class SeriesPage extends Page
{
    /** @param list<SeriesDay> $days those after the booking itself */
    public function __construct(
        public Booking $booking,
        public string $time,
        public int $weeks,
        public int $times,
        public array $days,
    ) {
    }
}
