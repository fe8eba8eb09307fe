<?php

declare(strict_types=1);

namespace App\Wording;

use App\Models\Salon;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Nagomi\Core\Treatments\Calendar;

/** Times of a salon's day: what its own clock shows, and the moment that is. */
final class SalonClock
{
    private const DAY_MINUTES = 1440;

    /** Minutes on the clock on the salon's wall, 0 to 1439. */
    public static function onTheWall(Salon $salon, DateTimeInterface $moment): int
    {
        $there = DateTimeImmutable::createFromInterface($moment)->setTimezone(new DateTimeZone($salon->timezone));

        return 60 * (int) $there->format('G') + (int) $there->format('i');
    }

    /** Minute of a day of the salon at a moment; after midnight minutes count on, as many as really go by. */
    public static function minute(Salon $salon, DateTimeInterface $day, DateTimeInterface $moment): int
    {
        $midnight = self::midnightAfter($salon, $day->format('Y-m-d'));
        $beyond = (int) floor(($moment->getTimestamp() - $midnight->getTimestamp()) / 60);

        return $beyond < 0
            ? self::onTheWall($salon, $moment)
            : min(self::DAY_MINUTES + $beyond, 2 * self::DAY_MINUTES - 1);
    }

    /**
     * @param int $minute of the day; from 1440 on it is the night after
     *
     * @return CarbonImmutable|null the moment in UTC; null where the clocks skip that time on that day
     */
    public static function moment(Salon $salon, string $date, int $minute): ?CarbonImmutable
    {
        if ($minute >= self::DAY_MINUTES) {
            return CarbonImmutable::instance(self::midnightAfter($salon, $date))
                ->addMinutes($minute - self::DAY_MINUTES)
                ->utc();
        }
        $typed = sprintf('%s %02d:%02d', $date, intdiv($minute, 60), $minute % 60);
        $moment = CarbonImmutable::createFromFormat('!Y-m-d H:i', $typed, new DateTimeZone($salon->timezone));

        return $moment !== null && $moment->format('Y-m-d H:i') === $typed ? $moment->utc() : null;
    }

    /**
     * @param int $until minute of the day, the night after it counted on
     *
     * @return int|null minute of a day at which the clocks change in the night after it; null: not before
     */
    public static function changesInTheNight(Salon $salon, DateTimeInterface $day, int $until): ?int
    {
        if ($until <= self::DAY_MINUTES) {
            return null;
        }
        $midnight = self::midnightAfter($salon, $day->format('Y-m-d'));
        $changes = (new DateTimeZone($salon->timezone))->getTransitions(
            $midnight->getTimestamp(),
            $midnight->getTimestamp() + 60 * ($until - self::DAY_MINUTES),
        );

        return isset($changes[1])
            ? self::DAY_MINUTES + intdiv($changes[1]['ts'] - $midnight->getTimestamp(), 60)
            : null;
    }

    /** Asked many times a page; PHP's own day takes a small part of what a richer one does. */
    private static function midnightAfter(Salon $salon, string $date): DateTimeImmutable
    {
        return (new DateTimeImmutable($date, new DateTimeZone($salon->timezone)))->modify('+1 day');
    }

    /** @return CarbonImmutable|null a day as it stands in an address; null where there is none such */
    public static function day(Salon $salon, string $typed): ?CarbonImmutable
    {
        $day = Calendar::day($typed);

        return $day === null ? null : CarbonImmutable::parse($day->format('Y-m-d'), $salon->timezone);
    }

    public static function shown(int $minute): string
    {
        $minute %= self::DAY_MINUTES;

        return sprintf('%d:%02d', intdiv($minute, 60), $minute % 60);
    }

    /** A time beside which the day stands that it belongs to. */
    public static function inWords(int $minute): string
    {
        return $minute < self::DAY_MINUTES
            ? self::shown($minute)
            : Words::say('hours.after-midnight', ['time' => self::shown($minute)]);
    }

    /** @return int|null minute of the day of a time as typed: 9:30, 09.30, 930, 9 */
    public static function typed(string $time): ?int
    {
        if (preg_match('/^\s*(\d{1,2})(?:[:.h ]?([0-5]\d))?\s*$/', $time, $parts) !== 1 || (int) $parts[1] > 23) {
            return null;
        }

        return 60 * (int) $parts[1] + (int) ($parts[2] ?? 0);
    }

    /** @return int|null minute of the salon's day of a time as typed: before the day turns it is the night after */
    public static function typedOn(Salon $salon, string $time): ?int
    {
        $minute = self::typed($time);

        return $minute !== null && $minute < $salon->day_turns_minute ? self::DAY_MINUTES + $minute : $minute;
    }

    /** A day as a screen shows it. */
    public static function dayInWords(string|DateTimeInterface|null $day, string $format = 'j M Y'): string
    {
        if ($day === null) {
            return '';
        }
        $day = $day instanceof DateTimeInterface ? $day : new DateTimeImmutable($day);
        // PHP's own names are English ones, at a small part of the cost.
        if (app()->isLocale('en')) {
            return $day->format($format);
        }

        // Anew: a day that was set in another language once would keep it.
        $anew = new CarbonImmutable($day->format('Y-m-d H:i:s'), $day->getTimezone());

        return $anew->translatedFormat(strtr($format, [
            'F Y' => Words::of('dates.month-and-year'), 'F' => Words::of('dates.month'),
        ]));
    }
}
