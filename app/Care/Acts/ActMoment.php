<?php

declare(strict_types=1);

namespace App\Care\Acts;

use Carbon\CarbonImmutable;
use Throwable;

/**
 * When an act was done, by the salon's clock. A device's own clock may be hours off: it says how far, as it measured
 * at the salon's last answer. An act cannot have been done after it came.
 */
final readonly class ActMoment
{
    /** A device that has never heard the salon and is further off than this says nothing of the time. */
    private const FURTHEST_DAYS = 60;

    /** Beyond this an offset is no offset: a device's clock begins in 1970 at the earliest. */
    private const FURTHEST_OFFSET_MS = 4_000_000_000_000;

    /**
     * @param mixed $at       the device's time as text with its zone, such as 2027-01-09T10:00:00.000Z
     * @param mixed $offsetMs milliseconds the salon's clock is ahead of the device's; null: never measured
     */
    public static function of(mixed $at, mixed $offsetMs, CarbonImmutable $came): CarbonImmutable
    {
        $said = self::read($at);
        if ($said === null) {
            return $came;
        }
        $measured = is_int($offsetMs) && abs($offsetMs) < self::FURTHEST_OFFSET_MS;
        $done = $measured ? $said->addMilliseconds($offsetMs) : $said;

        return $done->greaterThan($came) || $done->lessThan($came->subDays(self::FURTHEST_DAYS)) ? $came : $done;
    }

    /**
     * How far the salon's clock is ahead of a device that never heard it, by when that device says it sends.
     *
     * @param mixed $sentAt the device's time as text with its zone
     *
     * @return int|null milliseconds; null where the device does not say
     */
    public static function offsetMs(mixed $sentAt, CarbonImmutable $came): ?int
    {
        $said = self::read($sentAt);

        return $said === null ? null : $came->getTimestampMs() - $said->getTimestampMs();
    }

    private static function read(mixed $at): ?CarbonImmutable
    {
        return is_string($at) && preg_match('/^\d{4}-\d\d-\d\dT[\d:.]{8,15}(Z|[+-]\d\d:?\d\d)$/', $at) === 1
            ? self::parsed($at)
            : null;
    }

    private static function parsed(string $at): ?CarbonImmutable
    {
        try {
            return CarbonImmutable::parse($at)->utc();
        } catch (Throwable) {
            return null;
        }
    }
}
