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

    /**
     * Of several that were made in one go.
     *
     * @return bool whether the client is told; false: none are wanted
     */
    public function series(Booking $booking): bool
    {
        return $this->tell($booking, 'series');
    }

    private function tell(Booking $booking, string $kind): bool
    {
        $head = $booking->head()->firstOrFail();
        if ($head->reminded_by === 'nobody' || $booking->starts_at->isPast()) {
            return false;
        }
        // What is told of one change is told once; back and forth are two changes.
        Reminder::query()->toBase()->upsert([
            'salon_id' => $booking->salon_id, 'head_id' => $booking->head_id, 'kind' => $kind,
            'occasion' => implode(' ', [
                $kind,
                $kind === 'series' ? $booking->series : $booking->id,
                $booking->starts_at->format('YmdHi'),
                $booking->user_id,
                self::turn($booking, $kind),
            ]),
            'due_at' => CarbonImmutable::now()->utc()->format('Y-m-d H:i:s'), 'status' => 'due',
            'created_at' => now(), 'updated_at' => now(),
        ], ['head_id', 'occasion'], ['occasion']);

        return true;
    }

    /** What tells one change from the next: its number; of a series how many there are by now. */
    private static function turn(Booking $booking, string $kind): int
    {
        return $kind === 'series'
            ? Booking::query()->where('salon_id', $booking->salon_id)->where('series', $booking->series)->count()
            : $booking->sequence;
    }
}
