<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Salon;
use App\Wording\SalonClock;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\Equipment;
use Nagomi\Core\Scheduling\EquipmentUse;
use Nagomi\Core\Scheduling\HeatedWait;
use Nagomi\Core\Scheduling\RemainingWork;
use Nagomi\Core\Scheduling\RunningWork;
use Nagomi\Core\Scheduling\WorkSegment;

/** A day's bookings as the core lays them out: who sits stays, who is late or silent comes when they can. */
final readonly class BookedAppointments
{
    public function __construct(
        private Parameters $parameters,
        private RunningSessions $runningSessions,
    ) {
    }

    /**
     * @param Collection<int, Booking> $bookings of one day
     * @param int|null                 $now      minute of that day; null on any other
     */
    public function of(Salon $salon, Collection $bookings, ?int $now): DayBookings
    {
        $open = $bookings->filter(fn (Booking $booking): bool => $booking->status->isOpen());
        $running = $now === null ? [] : $this->runningSessions->of($salon, $open);
        $appointments = $seated = $hooded = [];
        $also = null;
        $sitting = 0;
        foreach ($open as $booking) {
            if ($now === null || $booking->status !== BookingStatus::UnderWay) {
                $appointments[] = $this->toCome($salon, $booking, $now);

                continue;
            }
            $sitting++;
            [$left, $until, $isUnderHood] = $this->left($salon, $booking, $now, $running[$booking->head_id] ?? null);
            $appointments[] = $left;
            if ($left === null) {
                $seated[$booking->id] = [min($now, $this->begun($salon, $booking)), $until];
                $hooded = $isUnderHood ? [...$hooded, $booking->id] : $hooded;
            }
            $also = [$now, max($also[1] ?? 0, $until + $this->parameters->scheduling->mostUnderWayWaitMinutes)];
        }

        return new DayBookings(array_values(array_filter($appointments)), $seated, $also, $sitting, $hooded);
    }

    /** @return non-empty-list<WorkSegment> */
    public function stretches(Booking $booking): array
    {
        return $booking->stretches === []
            ? [new WorkSegment(max(1, $booking->minutes))]
            : self::segments($booking->stretches);
    }

    /**
     * @param list<array{
     *     hands: float, waiting: float, spread: float, waiting_spread: float, hold?: float|null, heat?: string|null,
     *     uses?: list<array{string, float, float}>,
     * }> $stretches as a booking keeps them
     *
     * @return non-empty-list<WorkSegment>
     */
    public static function segments(array $stretches): array
    {
        $segments = array_map(
            static fn (array $kept): WorkSegment => new WorkSegment(
                max(1.0, $kept['hands']),
                $kept['waiting'],
                $kept['spread'],
                $kept['waiting_spread'],
                $kept['hold'] ?? null,
                HeatedWait::tryFrom($kept['heat'] ?? ''),
                self::uses($kept['uses'] ?? []),
            ),
            $stretches,
        );

        return $segments === [] ? [new WorkSegment(1)] : $segments;
    }

    /**
     * @param list<array{string, float, float}> $kept
     *
     * @return list<EquipmentUse>
     */
    private static function uses(array $kept): array
    {
        $uses = [];
        foreach ($kept as [$name, $from, $until]) {
            $uses = EquipmentUse::joined($uses, Equipment::tryFrom($name), $from, $until);
        }

        return $uses;
    }

    /** Equipment that a booking needs and of which nothing works, by its name; null: none. */
    public static function lacks(Booking $booking): ?string
    {
        $needs = [];
        foreach ($booking->stretches as $stretch) {
            $needs = [...$needs, $stretch['heat'] ?? '', ...array_column($stretch['uses'] ?? [], 0)];
        }
        $broken = array_keys(SalonSchedule::equipment($booking->salon), 0, true);

        return array_values(array_intersect($broken, $needs))[0] ?? null;
    }

    private function begun(Salon $salon, Booking $booking): int
    {
        return SalonClock::minute($salon, $booking->date, $booking->begun_at ?? $booking->starts_at);
    }

    /**
     * @return array{Appointment|null, int, bool} null where only waiting is left; minute of the day it is through;
     *     whether that is waited for under a hood
     */
    private function left(Salon $salon, Booking $booking, int $now, ?RunningWork $running): array
    {
        $hands = SalonSchedule::hands($booking->user_id);
        $begun = $this->begun($salon, $booking);
        if ($running !== null) {
            return [
                $running->appointment($booking->id, $hands, $begun, $this->parameters->scheduling),
                (int) ceil($running->until),
                $running->heat === HeatedWait::Hood,
            ];
        }
        $stretches = $this->stretches($booking);
        $planned = array_sum(array_map(
            static fn (WorkSegment $stretch): float => $stretch->handsMinutes + $stretch->waitingMinutes,
            $stretches,
        ));

        return [
            RemainingWork::left(
                $booking->id,
                $stretches,
                $hands,
                $begun,
                $now,
                $this->parameters->scheduling,
                (float) $booking->over_minutes,
            ),
            max($now, (int) ceil($begun + $planned + $booking->over_minutes)),
            $stretches[count($stretches) - 1]->heat === HeatedWait::Hood,
        ];
    }

    /** @return Appointment|null null for who has not come for so long that nobody's hands are kept for them */
    private function toCome(Salon $salon, Booking $booking, ?int $now): ?Appointment
    {
        $parameters = $this->parameters->scheduling;
        $attendance = Attendance::of($booking, $now, $parameters);
        if ($attendance === Attendance::SetAside) {
            return null;
        }
        $promised = SalonClock::minute($salon, $booking->date, $booking->starts_at);
        $isHere = $booking->status !== BookingStatus::Booked;
        // Who is not here yet comes now at the soonest, and that is not the salon's lateness.
        $comes = match (true) {
            ! $isHere => max(Attendance::due($booking), $now ?? 0),
            $booking->arrived_at !== null => SalonClock::minute($salon, $booking->date, $booking->arrived_at),
            default => $promised,
        };

        return new Appointment(
            $booking->id,
            $this->stretches($booking),
            RemainingWork::onGrid(max($isHere ? 0 : $comes, $now ?? 0), $parameters),
            $promised,
            SalonSchedule::hands($booking->user_id),
            ownDelay: $comes <= $promised ? 0 : RemainingWork::onGrid($comes, $parameters) - $promised,
            stays: $booking->stays_with || $attendance !== Attendance::AsBooked,
        );
    }
}
