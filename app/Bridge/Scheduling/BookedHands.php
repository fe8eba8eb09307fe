<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\User;

/** What is still booked with somebody. */
final readonly class BookedHands
{
    /** @return int bookings from today on */
    public function toCome(User $user): int
    {
        return Booking::query()
            ->where('salon_id', $user->salon_id)
            ->where('user_id', $user->id)
            ->where('date', '>=', $user->salon->today()->format('Y-m-d'))
            ->whereIn('status', BookingStatus::open())
            ->count();
    }
}
