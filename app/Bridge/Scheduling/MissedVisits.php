<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;

/** Visits of a client in the last twelve months that were not come to, or cancelled too late to give them away. */
final readonly class MissedVisits
{
    private const MONTHS = 12;

    private function __construct(public int $notCome, public int $cancelledLate)
    {
    }

    public static function of(Head $head): self
    {
        $head->loadMissing('salon');
        $hours = $head->salon->late_cancel_hours;
        $notCome = $late = 0;
        /** @var iterable<Booking> $bookings */
        $bookings = Booking::query()
            ->where('head_id', $head->id)
            ->whereIn('status', [BookingStatus::NoShow, BookingStatus::Cancelled])
            ->where('date', '>=', $head->salon->today()->subMonthsNoOverflow(self::MONTHS)->format('Y-m-d'))
            ->get(['id', 'salon_id', 'status', 'starts_at', 'cancelled_at']);
        foreach ($bookings as $booking) {
            $isLate = $hours !== null && $booking->cancelled_at?->greaterThan($booking->starts_at->subHours($hours));
            $notCome += $booking->status === BookingStatus::NoShow ? 1 : 0;
            $late += $booking->status === BookingStatus::Cancelled && $isLate ? 1 : 0;
        }

        return new self($notCome, $late);
    }

    public function count(): int
    {
        return $this->notCome + $this->cancelledLate;
    }
}
