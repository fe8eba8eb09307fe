<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use App\Models\Booking;

/** Whether the time of a booking has gone by that nobody said how it went. */
final readonly class GoneBy
{
    /** Since it began, or they were to come, as long as it was to take and as somebody said it takes longer. */
    public static function is(Booking $booking): bool
    {
        $since = $booking->begun_at ?? $booking->expected_at ?? $booking->starts_at;

        return $booking->status->isOpen() && $since->addMinutes($booking->minutes + $booking->over_minutes)->isPast();
    }
}
