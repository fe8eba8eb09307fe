<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Care\Acts\SentAct;
use App\Care\Scheduling\BookingConflict;
use App\Care\Scheduling\Bookings;
use App\Care\WashDays\WashSessionActs;
use App\Care\WashDays\WashSessionEnd;
use App\Care\WashDays\WashSessions;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Salon;
use Carbon\CarbonImmutable;

/**
 * The part of the day of the demo that is over: the clock goes from visit to visit, and each is taken in as it would be
 * from the desk and at the basin.
 */
final readonly class DemoMorning
{
    private const EARLY_MINUTES = 6;

    public function __construct(
        private Bookings $bookings,
        private WashSessionActs $washSessionActs,
        private WashSessionEnd $washSessionEnd,
        private WashSessions $washSessions,
    ) {
    }

    /** @throws BookingConflict never: nobody else is there */
    public function play(Salon $salon, CarbonImmutable $day, CarbonImmutable $now): void
    {
        $bookings = Booking::query()->with(['salon', 'head.salon', 'user'])->where('salon_id', $salon->id)
            ->where('date', $day->format('Y-m-d'))
            ->where('starts_at', '<=', $now->addMinutes(self::EARLY_MINUTES))->orderBy('starts_at')->orderBy('id')
            ->get();
        foreach ($bookings as $booking) {
            $this->visit($salon, $booking, $now);
        }
    }

    /** @throws BookingConflict never: nobody else is there */
    private function visit(Salon $salon, Booking $booking, CarbonImmutable $now): void
    {
        $starts = $booking->starts_at;
        $early = $starts->subMinutes(self::EARLY_MINUTES);
        $this->note($salon, $booking, $early, ['status' => BookingStatus::Arrived, 'arrived_at' => $early]);
        // Who was to begin only a moment ago is still on the way to the chair.
        if ($starts->addMinutes(DemoMoment::SEATED_AFTER_MINUTES) > $now) {
            return;
        }
        if ($booking->is_wash_day) {
            $this->wash($booking, $now);

            return;
        }
        $ends = $starts->addMinutes($booking->minutes);
        $this->note($salon, $booking, $starts, ['status' => BookingStatus::UnderWay, 'begun_at' => $starts]);
        if ($ends <= $now) {
            $this->note($salon, $booking, $ends, ['status' => BookingStatus::Done, 'ended_at' => $ends]);
        }
    }

    /**
     * @param array<string, mixed> $columns
     *
     * @throws BookingConflict never: nobody else is there
     */
    private function note(Salon $salon, Booking $booking, CarbonImmutable $at, array $columns): void
    {
        CarbonImmutable::setTestNow($at);
        $booking->refresh();
        $this->bookings->note($salon, $booking, $booking->sequence, $columns, $booking->user->name);
    }

    /** Step by step as it is laid out; ended where that lies behind now. */
    private function wash(Booking $booking, CarbonImmutable $now): void
    {
        // Who changed the booking last may be the plan; who washes are the hands it is with.
        $by = $booking->user->name;
        $begun = $booking->starts_at;
        CarbonImmutable::setTestNow($begun);
        $session = $this->washSessions->begin($booking->head, null, null, null, $by);
        /** @var list<array{key: string, start_minutes: float, hands_on_minutes: float}> $steps */
        $steps = $session->plan['steps'];
        $ends = array_map(
            static fn (array $step): float => $step['start_minutes'] + $step['hands_on_minutes'],
            array_column($steps, null, 'key'),
        );
        asort($ends);
        foreach ($ends as $key => $minutes) {
            $at = $begun->addSeconds((int) round(60 * $minutes));
            if ($at > $now) {
                return;
            }
            CarbonImmutable::setTestNow($at);
            $act = new SentAct("demo-{$session->id}-{$key}", 'done', ['step' => $key], $at);
            $this->washSessionActs->act($session, [$act], $by, 'demo');
        }
        $this->washSessionEnd->finish($session, $by);
    }
}
