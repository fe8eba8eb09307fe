<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\SalonSchedule;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Salon;
use App\Models\User;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\DaySchedule;
use Nagomi\Core\Scheduling\Occupancy;
use Nagomi\Core\Scheduling\Opening;
use Nagomi\Core\Scheduling\Openings;
use Nagomi\Core\Scheduling\RemainingWork;

/**
 * Hands a stylist's whole day over: each client, in the order of their times, to whoever has room nearest to what was
 * promised, while everybody else keeps theirs to the minute.
 */
final readonly class HandoverScreen
{
    /** A client is asked to come earlier only where later is so many times as far. */
    private const EARLIER_WEIGHS = 3;

    public function __construct(private Parameters $parameters, private SalonSchedule $salonSchedule)
    {
    }

    public function of(Salon $salon, User $from, CarbonImmutable $date): HandoverPage
    {
        $bookings = $this->salonSchedule->bookings($salon, $date);
        $theirs = $bookings->filter(static fn (Booking $booking): bool => self::isHandedOver($booking, $from));
        $line = $this->salonSchedule->of($salon, $date, $bookings->diff($theirs)->values());
        $stylists = $this->salonSchedule->stylists($salon);

        return new HandoverPage($from, $date, $line === null
            ? array_values($theirs->map(fn (Booking $booking): HandoverRow => $this->row($booking, null, ''))->all())
            : $this->rows($line, $theirs, $stylists, $from, $date));
    }

    /** Who sits in the chair already is taken over where they sit. */
    private static function isHandedOver(Booking $booking, User $from): bool
    {
        return $booking->user_id === $from->id
            && in_array($booking->status, [BookingStatus::Booked, BookingStatus::Arrived], true);
    }

    /**
     * @param Collection<int, Booking> $theirs
     * @param Collection<int, User>    $stylists by key
     *
     * @return list<HandoverRow>
     */
    private function rows(
        DaySchedule $line,
        Collection $theirs,
        Collection $stylists,
        User $from,
        CarbonImmutable $date,
    ): array {
        $room = Occupancy::of($line->day, $line->placed);
        $rows = [];
        foreach ($theirs as $booking) {
            $nearest = $this->nearest($line, $room, $booking, $from);
            $time = $nearest === null ? null : OfferedTime::at($nearest, $date);
            $room = $nearest === null ? $room : $room->with($nearest->placement);
            $who = $time === null ? '' : explode(' ', $stylists->get($time->user)->name ?? '')[0];
            $rows[] = $this->row($booking, $time, $who);
        }

        return $rows;
    }

    private function row(Booking $booking, ?OfferedTime $time, string $who): HandoverRow
    {
        $promised = SalonClock::minute($booking->salon, $booking->starts_at);

        return new HandoverRow(
            $booking,
            SalonClock::shown($promised),
            $time,
            $who,
            $time === null ? 0 : $time->minute - $promised,
        );
    }

    private function nearest(DaySchedule $line, Occupancy $room, Booking $booking, User $from): ?Opening
    {
        $promised = SalonClock::minute($booking->salon, $booking->starts_at);
        $now = $this->salonSchedule->now($booking->salon, $booking->date);
        $earliest = $now === null ? 0 : RemainingWork::onGrid($now, $this->parameters->scheduling);
        $own = SalonSchedule::hands($from->id);
        [$best, $least] = [null, INF];
        $asked = new Appointment('asked for', $this->salonSchedule->stretches($booking), $earliest);
        foreach (Openings::of($line, $asked) as $opening) {
            $later = $opening->placement->start() - $promised;
            $off = $later < 0 ? self::EARLIER_WEIGHS * -$later : $later;
            if ($off < $least && $opening->placement->hands !== $own && $room->has($opening->placement)) {
                [$best, $least] = [$opening, $off];
            }
        }

        return $best;
    }
}
