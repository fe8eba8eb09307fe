<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Wording\SalonClock;
use Nagomi\Core\Parameters\SchedulingParameters;

/** Whether somebody who is booked is there, and what is made of it where nothing was heard. */
enum Attendance
{
    /** Here, under way, through; or the time has not come, or has only just. */
    case AsBooked;

    /** Not here, and nothing was said: asked about. */
    case Silent;

    /** Not here for so long that the place is free for others. */
    case SetAside;

    /** @param int|null $now minute of the booking's day; null on any other day */
    public static function of(Booking $booking, ?int $now, SchedulingParameters $parameters): self
    {
        if ($now === null || $booking->status !== BookingStatus::Booked) {
            return self::AsBooked;
        }

        return match (true) {
            $now >= self::due($booking) + $parameters->asideFromMinutes => self::SetAside,
            $now >= self::due($booking) + $parameters->silentFromMinutes => self::Silent,
            default => self::AsBooked,
        };
    }

    /** Minute of the day at which they were to come: as promised, or later as they said. */
    public static function due(Booking $booking): int
    {
        $promised = SalonClock::minute($booking->salon, $booking->date, $booking->starts_at);

        return $booking->expected_at === null
            ? $promised
            : max($promised, SalonClock::minute($booking->salon, $booking->date, $booking->expected_at));
    }
}
