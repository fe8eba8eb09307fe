<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use App\Models\Booking;
use App\Models\Salon;
use App\Models\User;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\DaySchedule;
use Nagomi\Core\Scheduling\Equipment;
use Nagomi\Core\Scheduling\FreeSlots;
use Nagomi\Core\Scheduling\SalonDay;
use Nagomi\Core\Scheduling\WorkSegment;

/** A salon's day as the core sees it: whose hands are there when, and who is to be placed on them. */
final readonly class SalonSchedule
{
    public function __construct(
        private BookedAppointments $bookedAppointments,
        private Parameters $parameters,
        private ThoroughDays $thoroughDays,
    ) {
    }

    /**
     * The day laid out anew; null where nobody works on it.
     *
     * @param Collection<int, Booking> $bookings of that day
     * @param bool                     $thoroughly searched for as long as a page that is shown already can wait
     * @param StylistHours|null        $hours      of that day, where they are known already
     */
    public function of(
        Salon $salon,
        CarbonImmutable $date,
        Collection $bookings,
        bool $thoroughly = false,
        ?StylistHours $hours = null,
    ): ?DaySchedule {
        $hours ??= StylistHours::on($salon, $date);
        if ($hours->there === []) {
            return null;
        }
        $booked = $this->bookedAppointments->of($salon, $bookings, $this->now($salon, $date));
        $day = new SalonDay(
            $hours->there,
            max($salon->chairs, $booked->sitting),
            $this->parameters->scheduling,
            $booked->seated,
            $booked->also,
            $hours->away,
            self::equipment($salon),
            $booked->hooded,
        );

        return $this->thoroughDays->of($day, $booked->appointments, $thoroughly);
    }

    /** @return array<string, int> what works of each, where somebody counts it */
    public static function equipment(Salon $salon): array
    {
        return array_filter([
            Equipment::Basin->value => $salon->basins,
            Equipment::Dryer->value => $salon->dryers,
            Equipment::Hood->value => $salon->hoods,
        ], is_int(...));
    }

    /** @return int|null minute of the day; null on any other day than today */
    public function now(Salon $salon, CarbonImmutable $date): ?int
    {
        return $date->format('Y-m-d') === $salon->today()->format('Y-m-d')
            ? SalonClock::minute($salon, $date, CarbonImmutable::now())
            : null;
    }

    /** Whether a booking has room at a minute of a day that is laid out without it, all others kept to the minute. */
    public function hasRoom(DaySchedule $line, Booking $booking, int $minute): bool
    {
        $hands = self::hands($booking->user_id);
        $sitting = new Appointment('asked for', $this->stretches($booking), $minute, null, $hands, $minute);

        return isset($line->day->hours[$hands]) && FreeSlots::in($line, $sitting, 1) !== [];
    }

    /** How the core calls a stylist's hands. */
    public static function hands(int $userId): string
    {
        return "stylist {$userId}";
    }

    public static function stylist(string $hands): int
    {
        return (int) substr($hands, strlen('stylist '));
    }

    /** @return non-empty-list<WorkSegment> */
    public function stretches(Booking $booking): array
    {
        return $this->bookedAppointments->stretches($booking);
    }

    /** @return Collection<int, Booking> of one day, with head and stylist, in their order */
    public function bookings(Salon $salon, CarbonImmutable $date): Collection
    {
        return $this->bookingsFrom($salon, $date, 1);
    }

    /** @return Collection<int, Booking> of some days running, with head and stylist, in their order */
    public function bookingsFrom(Salon $salon, CarbonImmutable $date, int $days): Collection
    {
        /** @var Collection<int, Booking> $bookings */
        $bookings = Booking::query()
            ->where('salon_id', $salon->id)
            ->whereBetween('date', [$date->format('Y-m-d'), $date->addDays($days - 1)->format('Y-m-d')])
            ->with(['head.zoneParts', 'user'])
            ->orderBy('starts_at')
            ->orderBy('id')
            ->get();

        return $bookings->each(static function (Booking $booking) use ($salon): void {
            $booking->setRelation('salon', $salon);
            $booking->head->setRelation('salon', $salon);
        });
    }

    /** @return Collection<int, User> who can be booked: those with hands who have not left, by key of their hands */
    public function working(Salon $salon): Collection
    {
        return $this->stylists($salon)->filter(
            static fn (User $user): bool => $user->left_at === null && $user->role->hasHands(),
        );
    }

    /** @return Collection<int, User> the salon's stylists, who have left as well, by key of their hands */
    public function stylists(Salon $salon): Collection
    {
        /** @var Collection<int, User> */
        return User::query()->where('salon_id', $salon->id)->orderBy('id')->get()->keyBy('id');
    }
}
