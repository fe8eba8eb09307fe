<?php

declare(strict_types=1);

namespace App\Care\Scheduling;

use App\Care\Shared\Lock;
use App\Models\Booking;
use App\Models\Salon;
use App\Wording\SalonClock;
use App\Wording\Words;
use Closure;
use Illuminate\Support\Facades\DB;

/** Whoever changes bookings does it alone in the salon, and knows what the others did before. */
final readonly class BookingTurn
{
    /**
     * One at a time for each salon: whoever comes second sees what the first did.
     *
     * @template T
     *
     * @param Closure(): T $act
     *
     * @return T
     */
    public function alone(Salon $salon, Closure $act): mixed
    {
        return DB::transaction(function () use ($salon, $act): mixed {
            Lock::salon($salon->id)->take();

            return $act();
        });
    }

    /** @throws BookingConflict when somebody else changed the booking meanwhile */
    public function fresh(Salon $salon, Booking $booking, int $seen): Booking
    {
        $fresh = Booking::query()
            ->where('salon_id', $salon->id)
            ->with(['user:id,salon_id,name', 'head:id,salon_id,name'])
            ->findOrFail($booking->id);
        if ($fresh->sequence !== $seen) {
            $time = SalonClock::dayInWords($fresh->starts_at->setTimezone($salon->timezone), 'D j M, G:i');
            throw new BookingConflict(Words::say('refusals.places.changed', [
                'by' => $fresh->changed_by, 'time' => $time, 'who' => $fresh->user->name,
                'status' => Words::of("booking_statuses.{$fresh->status->value}"),
            ]));
        }

        return $fresh;
    }
}
