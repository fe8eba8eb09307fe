<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Wording\SalonClock;
use App\Wording\Words;

/** A day on which a client is booked to be washed in the salon: when, and with whom. */
final readonly class BookedDay
{
    /** @param int|null $keptMinutes longest to the end of styling, as somebody said; null: as long as planned */
    private function __construct(
        public string $bookingId,
        public ?int $keptMinutes,
        private string $day,
        private string $time,
        private string $who,
    ) {
    }

    /** @return array<string, int|null> longest to the end of styling in minutes, by Y-m-d; null: as long as planned */
    public static function minutes(Head $head): array
    {
        return array_map(static fn (self $day): ?int => $day->keptMinutes, self::of($head));
    }

    /** @return array<string, self> from today on, by Y-m-d */
    public static function of(Head $head): array
    {
        $booked = [];
        $bookings = Booking::query()
            ->where('head_id', $head->id)
            ->where('is_wash_day', true)
            ->whereIn('status', BookingStatus::open())
            ->where('date', '>=', $head->salon->today()->format('Y-m-d'))
            ->with('user:id,salon_id,name')
            ->orderBy('starts_at')
            ->get();
        foreach ($bookings as $booking) {
            $booked += [$booking->date->format('Y-m-d') => new self(
                $booking->id,
                $booking->kept_minutes,
                SalonClock::dayInWords($booking->date, 'j M'),
                SalonClock::inWords(SalonClock::minute($head->salon, $booking->date, $booking->starts_at)),
                explode(' ', $booking->user->name)[0],
            )];
        }

        return $booked;
    }

    /** @param string $key of the sentence, with :day, :time and :who */
    public function says(string $key): string
    {
        return Words::say($key, ['day' => $this->day, 'time' => $this->time, 'who' => $this->who]);
    }
}
