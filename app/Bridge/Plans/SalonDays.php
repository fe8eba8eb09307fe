<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\PlanItem;
use Illuminate\Support\Collection;

/** Which of the planned wash days are done in the salon: those that a booked wash day is on, or near. */
final readonly class SalonDays
{
    /**
     * @param Collection<int, PlanItem> $planned of this client
     *
     * @return list<int> by id
     */
    public static function of(Head $head, Collection $planned): array
    {
        /** @var Collection<int, Booking> $bookings */
        $bookings = Booking::query()
            ->where('head_id', $head->id)
            ->where('is_wash_day', true)
            ->whereIn('status', BookingStatus::open())
            ->where('date', '>=', $head->salon->today()->format('Y-m-d'))
            ->get(['id', 'salon_id', 'head_id', 'date']);

        return array_values(array_filter($bookings
            ->map(fn (Booking $booking): ?int => PlanItem::near($planned, $booking->date)?->id)
            ->all()));
    }
}
