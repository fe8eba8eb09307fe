<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\SalonSchedule;
use App\Bridge\Scheduling\StylistHours;
use App\Models\Booking;
use App\Models\Head;
use App\Models\Salon;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\DaySchedule;
use Nagomi\Core\Scheduling\Opening;
use Nagomi\Core\Scheduling\Openings;
use Nagomi\Core\Scheduling\RemainingWork;
use Nagomi\Core\Scheduling\WorkSegment;

/** When a client can come: every time there is room for, on the days from one on. */
final readonly class OfferedDays
{
    /** Days looked at for a time, the asked one first. */
    private const DAYS = 7;

    public function __construct(
        private Parameters $parameters,
        private SalonSchedule $salonSchedule,
    ) {
    }

    /**
     * @param non-empty-list<WorkSegment> $stretches
     * @param BookingWish                 $wish      whose hands, which part of the day, one day alone
     * @param string|null                 $planned   the plan's own day, Y-m-d; null: none
     *
     * @return list<OfferedDay> the plan's own day first, then by date; days without a time are left out
     */
    public function of(
        Salon $salon,
        Head $head,
        CarbonImmutable $from,
        array $stretches,
        BookingWish $wish,
        ?string $planned,
    ): array {
        $days = [];
        $ahead = $wish->isOneDay ? 1 : self::DAYS;
        $hours = StylistHours::from($salon, $from, $ahead);
        $booked = $this->salonSchedule->bookingsFrom($salon, $from, $ahead)
            ->groupBy(static fn (Booking $booking): string => $booking->date->format('Y-m-d'));
        foreach ($hours as $after => $there) {
            $date = $from->addDays($after);
            $bookings = $booked->get($date->format('Y-m-d')) ?? new Collection();
            $line = $this->salonSchedule->of($salon, $date, $bookings, hours: $there);
            $times = $line === null ? [] : $this->on($salon, $head, $date, $line, $bookings, $stretches, $wish);
            if ($times !== []) {
                $days[] = $this->day($date, $times, $date->format('Y-m-d') === $planned);
            }
        }
        usort($days, static fn (OfferedDay $a, OfferedDay $b): int => [
            $b->isPlanned, $a->date,
        ] <=> [$a->isPlanned, $b->date]);

        return $days;
    }

    /** @param list<OfferedTime> $times */
    public function day(CarbonImmutable $date, array $times, bool $isPlanned = false): OfferedDay
    {
        return new OfferedDay($date, $isPlanned, $times, $this->parameters->scheduling->offersApartMinutes);
    }

    /**
     * @param Collection<int, Booking>    $bookings  of the day, laid out in the line
     * @param non-empty-list<WorkSegment> $stretches
     *
     * @return list<OfferedTime>
     */
    public function on(
        Salon $salon,
        Head $head,
        CarbonImmutable $date,
        DaySchedule $line,
        Collection $bookings,
        array $stretches,
        BookingWish $wish,
    ): array {
        return array_map(
            static fn (Opening $opening): OfferedTime => OfferedTime::at($opening, $date),
            $this->openings($salon, $head, $date, $line, $bookings, $stretches, $wish),
        );
    }

    /**
     * @param Collection<int, Booking>    $bookings  of the day, laid out in the line
     * @param non-empty-list<WorkSegment> $stretches
     *
     * @return list<Opening> the earliest first
     */
    public function openings(
        Salon $salon,
        Head $head,
        CarbonImmutable $date,
        DaySchedule $line,
        Collection $bookings,
        array $stretches,
        BookingWish $wish,
    ): array {
        $hands = $wish->user === null ? null : SalonSchedule::hands($wish->user);
        if ($hands !== null && ! isset($line->day->hours[$hands])) {
            return [];
        }
        $from = RemainingWork::onGrid($this->salonSchedule->now($salon, $date) ?? 0, $this->parameters->scheduling);

        return array_values(array_filter(
            Openings::of($line, new Appointment('asked for', $stretches, $from, null, $hands)),
            static fn (Opening $opening): bool => $wish->fits(OfferedTime::at($opening, $date))
                && self::sitsOnce($salon, $head, $opening, $bookings),
        ));
    }

    /**
     * Nobody is offered a time at which they sit in another chair.
     *
     * @param Collection<int, Booking> $bookings of the day
     */
    private static function sitsOnce(Salon $salon, Head $head, Opening $opening, Collection $bookings): bool
    {
        foreach ($bookings as $booking) {
            $starts = SalonClock::minute($salon, $booking->date, $booking->starts_at);
            if (
                $booking->head_id === $head->id
                    && $booking->status->isOpen()
                    && $opening->placement->start() < $starts + $booking->minutes
                    && $opening->placement->finish > $starts
            ) {
                return false;
            }
        }

        return true;
    }
}
