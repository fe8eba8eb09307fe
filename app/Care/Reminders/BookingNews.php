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
    public function moved(Booking $booking): bool
    {
        $head = $booking->head()->firstOrFail();
        if ($head->reminded_by === 'nobody') {
            return false;
        }
        // The same time with the same hands is told once, however often it is sent.
        Reminder::query()->insertOrIgnore([
            'salon_id' => $booking->salon_id, 'head_id' => $booking->head_id, 'kind' => 'moved',
            'occasion' => "moved {$booking->id} {$booking->starts_at->format('YmdHi')} {$booking->user_id}",
            'due_at' => CarbonImmutable::now()->utc()->format('Y-m-d H:i:s'), 'status' => 'due',
            'created_at' => now(), 'updated_at' => now(),
        ]);

        return true;
    }
}
