<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\SalonSchedule;
use App\Drawings\HandsPicture;
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
 * Hands a stylist's whole day over: each client to whoever has room nearest to what was promised, while everybody else
 * keeps theirs to the minute.
 */
final readonly class HandoverScreen
{
    /** A client is asked to come earlier only where later is so many times as far. */
    private const EARLIER_WEIGHS = 3;

    public function __construct(
        private HandsTimeline $handsTimeline,
        private Parameters $parameters,
        private SalonSchedule $salonSchedule,
    ) {
    }

    public function of(Salon $salon, User $from, CarbonImmutable $date): HandoverPage
    {
        $bookings = $this->salonSchedule->bookings($salon, $date);
        $theirs = $bookings
            ->filter(static fn (Booking $booking): bool => self::isHandedOver($booking, $from))
            ->values();
        $line = $this->salonSchedule->of($salon, $date, $bookings->diff($theirs)->values());
        $stylists = $this->salonSchedule->stylists($salon);

        return new HandoverPage(
            $from,
            $date,
            $line === null
                ? array_values($theirs->map(
                    fn (Booking $booking): HandoverRow => $this->row($booking, null, ''),
                )->all())
                : $this->rows($line, $theirs, $stylists, $from, $date),
            $this->picture($salon, $date, $bookings, $stylists),
        );
    }

    /**
     * @param Collection<int, Booking> $bookings
     * @param Collection<int, User>    $stylists by key
     */
    private function picture(
        Salon $salon,
        CarbonImmutable $date,
        Collection $bookings,
        Collection $stylists,
    ): ?HandsPicture {
        $line = $this->salonSchedule->of($salon, $date, $bookings);

        return $line === null ? null : $this->handsTimeline->picture(
            $line,
            $this->handsTimeline->lines($salon, $date, $line, $bookings, $stylists),
            $this->salonSchedule->now($salon, $date),
        );
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
        $openings = $theirs->map(fn (Booking $booking): array => $this->openings($line, $booking, $from))->all();
        $given = [];
        // Whose promise can be kept goes first; nobody takes that place for being earlier in the day.
        while ($openings !== []) {
            [$at, $nearest] = self::nearest($openings, $room);
            $given[$at] = $nearest;
            unset($openings[$at]);
            $room = $nearest === null ? $room : $room->with($nearest->placement);
        }
        $rows = [];
        foreach ($theirs as $at => $booking) {
            $nearest = $given[$at] ?? null;
            $time = $nearest === null ? null : OfferedTime::at($nearest, $date);
            $who = $time === null ? '' : explode(' ', $stylists->get($time->user)->name ?? '')[0];
            $rows[] = $this->row($booking, $time, $who);
        }

        return $rows;
    }

    private function row(Booking $booking, ?OfferedTime $time, string $who): HandoverRow
    {
        $promised = SalonClock::minute($booking->salon, $booking->date, $booking->starts_at);

        return new HandoverRow(
            $booking,
            SalonClock::shown($promised),
            $time,
            $who,
            $time === null ? 0 : $time->minute - $promised,
            $time !== null
                && abs($time->minute - $promised) < $this->parameters->scheduling->lateFromMinutes,
        );
    }

    /** @return list<array{int, Opening}> by how far each is from what was promised, the nearest first */
    private function openings(DaySchedule $line, Booking $booking, User $from): array
    {
        $promised = SalonClock::minute($booking->salon, $booking->date, $booking->starts_at);
        $now = $this->salonSchedule->now($booking->salon, $booking->date);
        $earliest = $now === null ? 0 : RemainingWork::onGrid($now, $this->parameters->scheduling);
        $own = SalonSchedule::hands($from->id);
        $asked = new Appointment('asked for', $this->salonSchedule->stretches($booking), $earliest);
        $openings = [];
        foreach (Openings::of($line, $asked) as $opening) {
            $later = $opening->placement->start() - $promised;
            if ($opening->placement->hands !== $own) {
                $openings[] = [$later < 0 ? self::EARLIER_WEIGHS * -$later : $later, $opening];
            }
        }
        usort($openings, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $openings;
    }

    /**
     * @param non-empty-array<int, list<array{int, Opening}>> $openings of those who have none yet
     *
     * @return array{int, Opening|null} whose is the nearest of all; null: none of them has one any more
     */
    private static function nearest(array $openings, Occupancy $room): array
    {
        [$whose, $best, $least] = [array_key_first($openings), null, INF];
        foreach ($openings as $at => $theirs) {
            foreach ($theirs as [$off, $opening]) {
                if ($off >= $least) {
                    break;
                }
                if ($room->has($opening->placement)) {
                    [$whose, $best, $least] = [$at, $opening, $off];
                    break;
                }
            }
        }

        return [$whose, $best];
    }
}
