<?php

declare(strict_types=1);

namespace App\Wording;

use App\Models\Salon;
use Carbon\CarbonImmutable;
use DateTimeInterface;
use DateTimeZone;
use Nagomi\Core\Treatments\Calendar;

/** Times of a salon's day: what its own clock shows, and the moment that is. */
final class SalonClock
{
    /** Minute of the salon's day that its clock shows at a moment. */
    public static function minute(Salon $salon, DateTimeInterface $moment): int
    {
        $there = CarbonImmutable::instance($moment)->setTimezone($salon->timezone);

        return 60 * $there->hour + $there->minute;
    }

    /** @return CarbonImmutable|null the moment in UTC; null where the clocks skip that time on that day */
    public static function moment(Salon $salon, string $date, int $minute): ?CarbonImmutable
    {
        $typed = sprintf('%s %02d:%02d', $date, intdiv($minute, 60), $minute % 60);
        $moment = CarbonImmutable::createFromFormat('!Y-m-d H:i', $typed, new DateTimeZone($salon->timezone));

        return $moment !== null && $moment->format('Y-m-d H:i') === $typed ? $moment->utc() : null;
    }

    /** @return CarbonImmutable|null a day as it stands in an address; null where there is none such */
    public static function day(Salon $salon, string $typed): ?CarbonImmutable
    {
        $day = Calendar::day($typed);

        return $day === null ? null : CarbonImmutable::parse($day->format('Y-m-d'), $salon->timezone);
    }

    public static function shown(int $minute): string
    {
        return sprintf('%d:%02d', intdiv($minute, 60), $minute % 60);
    }

    /** @return int|null minute of the day of a time as typed: 9:30, 09.30, 930, 9 */
    public static function typed(string $time): ?int
    {
        if (preg_match('/^\s*(\d{1,2})(?:[:.h ]?([0-5]\d))?\s*$/', $time, $parts) !== 1 || (int) $parts[1] > 23) {
            return null;
        }

        return 60 * (int) $parts[1] + (int) ($parts[2] ?? 0);
    }

    /** A day as a screen shows it. */
    public static function dayInWords(string|DateTimeInterface $day, string $format = 'j M Y'): string
    {
        return CarbonImmutable::parse($day)->format($format);
    }
}
