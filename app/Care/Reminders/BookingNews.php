<?php

declare(strict_types=1);

namespace App\Care\Reminders;

use App\Models\Booking;
use App\Models\Reminder;
use Carbon\CarbonImmutable;

/** What a client is told of a booking as soon as it changes. */
final readonly class BookingNews
{
    /** @return bool whether the client is told; false: none are wanted */
    public function booked(Booking $booking): bool
    {
        return $this->tell($booking, 'booked');
    }

    /** @return bool whether the client is told; false: none are wanted */
    public function moved(Booking $booking): bool
    {
        return $this->tell($booking, 'moved');
    }

    /** @return bool whether the client is told; false: none are wanted, or it is over already */
    public function cancelled(Booking $booking): bool
    {
        return $this->tell($booking, 'cancelled');
    }

    private function tell(Booking $booking, string $kind): bool
    {
        $head = $booking->head()->firstOrFail();
        if ($head->reminded_by === 'nobody' || $booking->starts_at->isPast()) {
            return false;
        }
        // What is told of one change is told once; back and forth are two changes.
        Reminder::query()->insertOrIgnore([
            'salon_id' => $booking->salon_id, 'head_id' => $booking->head_id, 'kind' => $kind,
            'occasion' => implode(' ', [
                $kind, $booking->id, $booking->starts_at->format('YmdHi'), $booking->user_id, $booking->sequence,
            ]),
            'due_at' => CarbonImmutable::now()->utc()->format('Y-m-d H:i:s'), 'status' => 'due',
            'created_at' => now(), 'updated_at' => now(),
        ]);

        return true;
    }
}
