<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Models\Booking;
use App\Pages\Page;
use Carbon\CarbonImmutable;

/** One booking, to be moved or told of. */
final readonly class BookingPage extends Page
{
    /**
     * @param array<int, string> $stylists
     */
    public function __construct(
        public Booking $booking,
        public array $stylists,
        public string $time,
        public CarbonImmutable $date,
        public ?string $begun,
        public ?string $ended,
    ) {
    }
}
