<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use InvalidArgumentException;

/** Counts whole days. Core's dates are days without a time, at midnight UTC, so that no day is 23 or 25 hours long. */
final class Calendar
{
    /** Days from one to the other; negative where the second is earlier. */
    public static function daysBetween(DateTimeImmutable $from, DateTimeImmutable $to): int
    {
        return intdiv($to->getTimestamp() - $from->getTimestamp(), 86400);
    }

    /** @param int $days negative: before it */
    public static function daysAfter(DateTimeImmutable $day, int $days): DateTimeImmutable
    {
        return $day->modify("{$days} days");
    }

    /** @param string $date a day as 2027-01-09; null where there is no such day */
    public static function day(string $date): ?DateTimeImmutable
    {
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $date, new DateTimeZone('UTC'));

        return $day !== false && $day->format('Y-m-d') === $date ? $day : null;
    }

    /**
     * The day a moment falls on where it was written down.
     *
     * @throws InvalidArgumentException for a moment outside the calendar's years
     */
    public static function dayOf(DateTimeInterface $moment): DateTimeImmutable
    {
        return self::day($moment->format('Y-m-d'))
            ?? throw new InvalidArgumentException("{$moment->format('c')} is no day of the calendar.");
    }
}
