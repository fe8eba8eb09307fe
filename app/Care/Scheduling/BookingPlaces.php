<?php

declare(strict_types=1);

namespace App\Care\Scheduling;

use App\Bridge\Scheduling\SalonSchedule;
use App\Models\Booking;
use App\Models\Salon;
use App\Wording\ClientName;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\DaySchedule;
use Nagomi\Core\Scheduling\FreeSlots;
use Nagomi\Core\Scheduling\Placement;

/** Gives a booking a time with somebody's hands, or says why there is none and when there is one. */
final readonly class BookingPlaces
{
    public function __construct(private SalonSchedule $salonSchedule)
    {
    }

    /**
     * @param Booking|null $leaving a booking whose place becomes free in the same turn
     *
     * @throws BookingConflict when hands, chair or client are taken then
     */
    public function place(
        Salon $salon,
        Booking $booking,
        CarbonImmutable $date,
        int $minute,
        ?Booking $leaving = null,
    ): void {
        $starts = SalonClock::moment($salon, $date->format('Y-m-d'), $minute);
        if ($starts === null) {
            throw new BookingConflict(Words::say('refusals.places.skipped', ['time' => SalonClock::shown($minute)]));
        }
        $others = $this->salonSchedule
            ->bookings($salon, $date)
            ->reject(fn (Booking $other): bool => $other->id === $booking->id || $other->id === $leaving?->id)
            ->values();
        $this->sitsOnce($salon, $booking, $starts, $others);
        $line = $this->salonSchedule->of($salon, $date, $others);
        $hands = SalonSchedule::hands($booking->user_id);
        if ($line === null || ! isset($line->day->hours[$hands])) {
            throw new BookingConflict(Words::say('refusals.places.away', [
                'day' => SalonClock::dayInWords($date, 'D j M'),
            ]));
        }
        if (! $this->salonSchedule->hasRoom($line, $booking, $minute)) {
            throw new BookingConflict(Words::say('refusals.places.no-room', [
                'time' => SalonClock::shown($minute), 'minutes' => $booking->minutes,
                'instead' => $this->instead($line, $booking, $hands),
            ]));
        }
        $booking->fill(['date' => $date->format('Y-m-d'), 'starts_at' => $starts]);
    }

    /**
     * Nobody sits in two chairs.
     *
     * @param Collection<int, Booking> $others of the day
     *
     * @throws BookingConflict
     */
    private function sitsOnce(Salon $salon, Booking $booking, CarbonImmutable $starts, Collection $others): void
    {
        foreach ($others as $other) {
            [$from, $until] = [$other->starts_at, $other->starts_at->addMinutes($other->minutes)];
            $meets = $starts->lessThan($until) && $starts->addMinutes($booking->minutes)->greaterThan($from);
            if ($meets && $other->head_id === $booking->head_id && $other->status->isOpen()) {
                throw new BookingConflict(Words::say('booking.two-chairs', [
                    'name' => ClientName::shown($other->head->name),
                    'from' => $from->setTimezone($salon->timezone)->format('G:i'),
                    'until' => $until->setTimezone($salon->timezone)->format('G:i'),
                    'who' => $other->user->name,
                    'service' => $other->service,
                ]));
            }
        }
    }

    private function instead(DaySchedule $line, Booking $booking, string $hands): string
    {
        $openings = array_map(
            fn (Placement $placing): string => SalonClock::shown($placing->start()),
            FreeSlots::in(
                $line,
                new Appointment('asked for', $this->salonSchedule->stretches($booking), 0, null, $hands),
                4,
            ),
        );

        return $openings === []
            ? Words::say('refusals.places.full')
            : Words::say('refusals.places.they-do', ['times' => implode(', ', $openings)]);
    }
}
