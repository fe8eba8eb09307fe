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
        $head->loadMissing('salon');
        $booking = $this->on($head, $head->salon->today(), [BookingStatus::Booked, BookingStatus::Arrived]);
        $booking?->update([
            'status' => BookingStatus::UnderWay,
            'begun_at' => CarbonImmutable::now(),
            'arrived_at' => $booking->arrived_at ?? CarbonImmutable::now(),
            'changed_by' => $by,
            'sequence' => $booking->sequence + 1,
        ]);
    }

    /** The wash day was broken off: the client is still here, and nothing is under way. */
    public function brokenOff(Head $head, CarbonImmutable $date, string $by): void
    {
        $booking = $this->on($head, $date, [BookingStatus::UnderWay]);
        $booking?->update([
            'status' => BookingStatus::Arrived,
            'begun_at' => null,
            'changed_by' => $by,
            'sequence' => $booking->sequence + 1,
        ]);
    }

    /** Whoever ends a wash day of an earlier day does not know when the client left. */
    public function through(Head $head, CarbonImmutable $date, string $by): void
    {
        $booking = $this->on($head, $date, [BookingStatus::UnderWay]);
        $isToday = $date->format('Y-m-d') === $head->salon->today()->format('Y-m-d');
        $booking?->update([
            'status' => BookingStatus::Done,
            'ended_at' => $isToday ? CarbonImmutable::now() : null,
            'changed_by' => $by,
            'sequence' => $booking->sequence + 1,
            ...PricedVisits::taxOf($head->salon),
        ]);
    }

    /** @param list<BookingStatus> $statuses */
    private function on(Head $head, CarbonImmutable $date, array $statuses): ?Booking
    {
        $head->loadMissing('salon');

        /** @var Booking|null */
        return Booking::query()
            ->where('head_id', $head->id)
            ->where('date', $date->format('Y-m-d'))
            ->where('is_wash_day', true)
            ->whereIn('status', $statuses)
            ->orderBy('starts_at')
            ->first();
    }
}
