<?php

declare(strict_types=1);

namespace App\Care\Scheduling;

use App\Bridge\Scheduling\PricedVisits;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use Carbon\CarbonImmutable;

/** A wash day run at the wash tells the morning desk how its booking goes, so that nobody has to. */
final readonly class BookingProgress
{
    public function begun(Head $head, string $by): void
    {
        $booking = $this->today($head, [BookingStatus::Booked, BookingStatus::Arrived]);
        $booking?->update([
            'status' => BookingStatus::UnderWay,
            'begun_at' => CarbonImmutable::now(),
            'arrived_at' => $booking->arrived_at ?? CarbonImmutable::now(),
            'changed_by' => $by,
            'sequence' => $booking->sequence + 1,
        ]);
    }

    /** The wash day was broken off: the client is still here, and nothing is under way. */
    public function brokenOff(Head $head, string $by): void
    {
        $booking = $this->today($head, [BookingStatus::UnderWay]);
        $booking?->update([
            'status' => BookingStatus::Arrived,
            'begun_at' => null,
            'changed_by' => $by,
            'sequence' => $booking->sequence + 1,
        ]);
    }

    public function through(Head $head, string $by): void
    {
        $booking = $this->today($head, [BookingStatus::UnderWay]);
        $booking?->update([
            'status' => BookingStatus::Done,
            'ended_at' => CarbonImmutable::now(),
            'changed_by' => $by,
            'sequence' => $booking->sequence + 1,
            ...PricedVisits::taxOf($head->salon),
        ]);
    }

    /** @param list<BookingStatus> $statuses */
    private function today(Head $head, array $statuses): ?Booking
    {
        $head->loadMissing('salon');

        /** @var Booking|null */
        return Booking::query()
            ->where('head_id', $head->id)
            ->where('date', $head->salon->today()->format('Y-m-d'))
            ->where('is_wash_day', true)
            ->whereIn('status', $statuses)
            ->orderBy('starts_at')
            ->first();
    }
}
