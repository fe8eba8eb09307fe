<?php

declare(strict_types=1);

namespace App\Care\Scheduling;

use App\Care\Reminders\BookingNews;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Salon;
use App\Wording\SalonClock;
use App\Wording\Words;

/** Two bookings of a day exchange times and hands, both or neither. */
final readonly class BookingExchange
{
    public function __construct(
        private BookingNews $bookingNews,
        private BookingPlaces $bookingPlaces,
        private BookingTurn $bookingTurn,
    ) {
    }

    /**
     * @param int $seen      sequence of the one as it was seen
     * @param int $otherSeen sequence of the other as it was seen
     *
     * @throws BookingConflict where one of them has no room in the other's place, or was changed meanwhile
     */
    public function of(Salon $salon, Booking $booking, int $seen, Booking $other, int $otherSeen, string $by): void
    {
        $this->bookingTurn->alone($salon, function () use ($salon, $booking, $seen, $other, $otherSeen, $by): void {
            $one = $this->bookingTurn->fresh($salon, $booking, $seen);
            $two = $this->bookingTurn->fresh($salon, $other, $otherSeen);
            foreach ([$one, $two] as $each) {
                if ($one->is($two) || $each->status !== BookingStatus::Booked || ! $each->date->equalTo($one->date)) {
                    throw new BookingConflict(Words::say('booking.exchanged.cannot'));
                }
            }
            $ends = [
                [$two->user_id, SalonClock::minute($salon, $two->date, $two->starts_at)],
                [$one->user_id, SalonClock::minute($salon, $one->date, $one->starts_at)],
            ];
            foreach ([[$one, $two, $ends[0]], [$two, null, $ends[1]]] as [$moves, $leaving, [$user, $minute]]) {
                $moves->fill([
                    'user_id' => $user, 'expected_at' => null, 'changed_by' => $by,
                    'sequence' => $moves->sequence + 1,
                ]);
                $this->bookingPlaces->place($salon, $moves, $moves->date, $minute, $leaving);
                $moves->save();
                $this->bookingNews->moved($moves);
            }
        });
    }
}
