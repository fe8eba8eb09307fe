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
            throw new BookingConflict(
                'Time: the clocks skip ' . SalonClock::shown($minute) . ' on that day; choose another.',
            );
        }
        $others = $this->salonSchedule
            ->bookings($salon, $date)
            ->reject(fn (Booking $other): bool => $other->id === $booking->id || $other->id === $leaving?->id)
            ->values();
        $this->sitsOnce($salon, $booking, $starts, $others);
        $line = $this->salonSchedule->of($salon, $date, $others);
        $hands = SalonSchedule::hands($booking->user_id);
        if ($line === null || ! isset($line->day->hours[$hands])) {
            throw new BookingConflict(
                'Nobody with those hands works on ' . $date->format('D j M') . '; choose another day or somebody else.',
            );
        }
        if (! $this->salonSchedule->hasRoom($line, $booking, $minute)) {
            throw new BookingConflict(
                'At '
                    . SalonClock::shown($minute)
                    . ' these hands have no room for '
                    . $booking->minutes
                    . ' minutes. '
                    . $this->instead($line, $booking, $hands),
            );
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
            ? 'That day is full for them; choose another day or somebody else.'
            : 'They do at ' . implode(', ', $openings) . '.';
    }
}
