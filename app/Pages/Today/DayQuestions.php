<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\Attendance;
use App\Bridge\Scheduling\SalonSchedule;
use App\Models\Booking;
use App\Models\Salon;
use App\Models\User;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\Appointment;
use Nagomi\Core\Scheduling\DaySchedule;
use Nagomi\Core\Scheduling\Exchange;
use Nagomi\Core\Scheduling\Exchanges;
use Nagomi\Core\Scheduling\FreeSlots;
use Nagomi\Core\Scheduling\Placement;
use Nagomi\Core\Scheduling\RemainingWork;

/** What the day asks a person: who is here, and whether somebody would go to other hands. */
final readonly class DayQuestions
{
    private const OFFERS = 3;

    public function __construct(
        private Parameters $parameters,
        private SalonSchedule $salonSchedule,
    ) {
    }

    /**
     * @param Collection<int, Booking> $bookings of the day
     * @param Collection<int, User>    $stylists by key
     *
     * @return list<AskedAfter> in the order of their times
     */
    public function asked(
        Salon $salon,
        CarbonImmutable $date,
        Collection $bookings,
        DaySchedule $line,
        Collection $stylists,
    ): array {
        $now = $this->salonSchedule->now($salon, $date);
        $asked = [];
        foreach ($bookings as $booking) {
            $attendance = Attendance::of($booking, $now, $this->parameters->scheduling);
            if ($now !== null && $attendance !== Attendance::AsBooked) {
                $isSetAside = $attendance === Attendance::SetAside;
                $isOver = $now >= Attendance::due($booking) + $booking->minutes;
                $asked[] = new AskedAfter(
                    $booking,
                    SalonClock::shown(Attendance::due($booking)),
                    self::first($booking->user->name),
                    $isSetAside,
                    $isOver,
                    $booking->head->phone ?? '',
                    $isSetAside && ! $isOver ? $this->offers($booking, $line, $now, $stylists) : [],
                );
            }
        }

        return $asked;
    }

    /**
     * @param Collection<int, User> $stylists by key
     *
     * @return list<array{time: string, user: int, who: string}>
     */
    private function offers(Booking $booking, DaySchedule $line, int $now, Collection $stylists): array
    {
        $from = RemainingWork::onGrid($now, $this->parameters->scheduling);

        return array_map(
            static fn (Placement $placement): array => [
                'time' => SalonClock::shown($placement->start()),
                'user' => SalonSchedule::stylist($placement->hands),
                'who' => self::first($stylists->get(SalonSchedule::stylist($placement->hands))->name ?? ''),
            ],
            FreeSlots::in(
                $line,
                new Appointment('asked for', $this->salonSchedule->stretches($booking), $from),
                self::OFFERS,
            ),
        );
    }

    /**
     * @param Collection<int, Booking> $bookings of the day
     * @param Collection<int, User>    $stylists by key
     *
     * @return list<ProposedExchange>
     */
    public function exchanges(Collection $bookings, DaySchedule $line, Collection $stylists): array
    {
        $byKey = $bookings->keyBy('id');
        $proposed = [];
        foreach (Exchanges::of($line) as $exchange) {
            $booking = $byKey->get($exchange->appointment->key);
            if ($booking !== null) {
                $proposed[] = self::proposed($exchange, $booking, $line, $byKey, $stylists);
            }
        }

        return $proposed;
    }

    /**
     * @param Collection<array-key, Booking> $byKey
     * @param Collection<int, User>          $stylists
     */
    private static function proposed(
        Exchange $exchange,
        Booking $booking,
        DaySchedule $line,
        Collection $byKey,
        Collection $stylists,
    ): ProposedExchange {
        $placed = $line->placed[$booking->id] ?? null;
        $user = SalonSchedule::stylist($exchange->placement->hands);
        $helped = [];
        foreach (array_keys($exchange->sooner) as $key) {
            $other = $byKey->get($key);
            $helped = $other === null ? $helped : [...$helped, $other];
        }

        return new ProposedExchange(
            $booking,
            match (true) {
                $line->day->isGone($exchange->appointment->hands ?? '', $exchange->appointment->from())
                    => 'exchange.gone',
                $placed === null => 'exchange.no-place',
                $line->lateMinutes($booking->id) >= $line->day->parameters->lateFromMinutes => 'exchange.late',
                default => 'exchange.helps',
            },
            [
                'own' => self::first($booking->user->name),
                'other' => self::first($stylists->get($user)->name ?? ''),
                'time' => SalonClock::shown($exchange->placement->start()),
                'late' => $placed === null ? '' : SalonClock::shown($placed->start()),
            ],
            $user,
            SalonClock::shown($exchange->placement->start()),
            $helped,
        );
    }

    private static function first(string $name): string
    {
        return explode(' ', $name)[0];
    }
}
