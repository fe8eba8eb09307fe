<?php

declare(strict_types=1);

namespace App\Care\Reminders;

use App\Models\Salon;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;

/** Hours in which nobody is written to. What would fall into them goes out before, so that it is still in time. */
final class QuietHours
{
    /** So long before the quiet begins a reminder still goes out. */
    private const BEFORE_MINUTES = 30;

    public static function moved(Salon $salon, CarbonImmutable $moment): CarbonImmutable
    {
        if (! self::isQuiet($salon, $moment)) {
            return $moment;
        }
        $there = $moment->setTimezone($salon->timezone);
        // After midnight it is the evening before that counts.
        $day = SalonClock::onTheWall($salon, $moment) < $salon->quiet_until_minute
            && $salon->quiet_from_minute > $salon->quiet_until_minute
            ? $there->subDay()
            : $there;

        return $day
            ->startOfDay()
            ->setTime(intdiv($salon->quiet_from_minute, 60), $salon->quiet_from_minute % 60)
            ->subMinutes(self::BEFORE_MINUTES)
            ->utc();
    }

    public static function isQuiet(Salon $salon, CarbonImmutable $moment): bool
    {
        $minute = SalonClock::onTheWall($salon, $moment);
        [$from, $until] = [$salon->quiet_from_minute, $salon->quiet_until_minute];

        return $from <= $until ? $minute >= $from && $minute < $until : $minute >= $from || $minute < $until;
    }
}
