<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Leave;
use App\Models\Salon;
use App\Models\User;
use App\Models\WorkingHours;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\DaySchedule;
use Nagomi\Core\Scheduling\FreeSlots;
use Nagomi\Core\Scheduling\RemainingWork;
use Nagomi\Core\Scheduling\SalonDay;
use Nagomi\Core\Scheduling\Scheduler;
use Nagomi\Core\Scheduling\WorkSegment;

/** A salon's day as the core sees it: whose hands are there when, and who is to be placed on them. */
final readonly class SalonSchedule
{
    public function __construct(private Parameters $parameters)
    {
    }

    /**
     * The day laid out anew; null where nobody works on it.
     *
     * @param Collection<int, Booking> $bookings of that day
     */
    public function of(Salon $salon, CarbonImmutable $date, Collection $bookings): ?DaySchedule
    {
        $now = $date->format('Y-m-d') === $salon->today()->format('Y-m-d')
            ? SalonClock::minute($salon, CarbonImmutable::now())
            : null;
        $hours = $this->hours($salon, $date);
        if ($hours === []) {
            return null;
        }

        $day = new SalonDay($hours, $salon->chairs, $this->parameters->scheduling);

        return Scheduler::of($day, $this->sittings($salon, $bookings, $now));
    }

    /**
     * @return array<string, non-empty-list<array{
     *     int, int,
     * }>> spans of each stylist who is there, by key, in the order of their names
     */
    public function hours(Salon $salon, CarbonImmutable $date): array
    {
        $day = $date->format('Y-m-d');
        $away = Leave::query()
            ->where('salon_id', $salon->id)
            ->where('from', '<=', $day)
            ->where('until', '>=', $day)
            ->pluck('user_id')
            ->all();
        $hours = [];
        foreach (
            WorkingHours::query()
                ->where('salon_id', $salon->id)
                ->where('weekday', $date->dayOfWeekIso)
                ->whereNotIn('user_id', $away)
                ->orderBy('user_id')
                ->orderBy('from_minute')
                ->get() as $span
        ) {
            $hours[$this->hands($span->user_id)][] = [$span->from_minute, $span->until_minute];
        }

        return $hours;
    }

    /** Whether a booking has room at a minute of a day that is laid out without it, all others kept to the minute. */
    public function hasRoom(DaySchedule $line, Booking $booking, int $minute): bool
    {
        $hands = $this->hands($booking->user_id);
        $sitting = new Appointment('asked for', $this->stretches($booking), $minute, null, $hands, $minute);

        return isset($line->day->hours[$hands]) && FreeSlots::in($line, $sitting, 1) !== [];
    }

    /** How the core calls a stylist's hands. */
    public function hands(int $userId): string
    {
        return "stylist {$userId}";
    }

    public function stylist(string $hands): int
    {
        return (int) substr($hands, strlen('stylist '));
    }

    /**
     * @param Collection<int, Booking> $bookings
     * @param int|null                 $now      minute of the day; null on any other day
     *
     * @return list<Appointment>
     */
    private function sittings(Salon $salon, Collection $bookings, ?int $now): array
    {
        $sittings = [];
        foreach ($bookings as $booking) {
            if ($booking->status->isOpen()) {
                $sittings[] = $this->sitting($salon, $booking, $now);
            }
        }

        return array_values(array_filter($sittings));
    }

    private function sitting(Salon $salon, Booking $booking, ?int $now): ?Appointment
    {
        $stretches = $this->stretches($booking);
        $hands = $this->hands($booking->user_id);
        if ($now !== null && $booking->status === BookingStatus::UnderWay && $booking->begun_at !== null) {
            return RemainingWork::left(
                $booking->id,
                $stretches,
                $hands,
                SalonClock::minute($salon, $booking->begun_at),
                $now,
                $this->parameters->scheduling,
                (float) $booking->over_minutes,
            );
        }
        $promised = SalonClock::minute($salon, $booking->starts_at);
        $expected = $booking->status === BookingStatus::Booked && $booking->expected_at !== null
            ? SalonClock::minute($salon, $booking->expected_at)
            : 0;
        $grid = $this->parameters->scheduling->gridMinutes;

        return new Appointment(
            $booking->id,
            $stretches,
            (int) (ceil(max($expected, $now ?? 0) / $grid) * $grid),
            $promised,
            $hands,
        );
    }

    /** @return non-empty-list<WorkSegment> */
    public function stretches(Booking $booking): array
    {
        $stretches = array_map(
            fn (array $kept): WorkSegment => new WorkSegment(
                max(1.0, $kept['hands']),
                $kept['waiting'],
                $kept['spread'],
                $kept['waiting_spread'],
            ),
            $booking->stretches,
        );

        return $stretches === [] ? [new WorkSegment(max(1, $booking->minutes))] : $stretches;
    }

    /** @return Collection<int, Booking> of one day, with head and stylist, in their order */
    public function bookings(Salon $salon, CarbonImmutable $date): Collection
    {
        /** @var Collection<int, Booking> */
        return Booking::query()
            ->where('salon_id', $salon->id)
            ->where('date', $date->format('Y-m-d'))
            ->with(['head.zoneParts', 'user'])
            ->orderBy('starts_at')
            ->orderBy('id')
            ->get();
    }

    /** @return Collection<int, User> the salon's stylists, by key of their hands */
    public function stylists(Salon $salon): Collection
    {
        /** @var Collection<int, User> */
        return User::query()->where('salon_id', $salon->id)->orderBy('id')->get()->keyBy('id');
    }
}
