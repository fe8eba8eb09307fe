<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

/**
 * How much longer anything takes on this machine at this moment than where the limits in seconds were set: a limit is
 * held to what the machine can do just now, and a screen that became slow is still noticed.
 */
final class MachineSpeed
{
    private const PASSES = 20_000;

    /** Seconds of one such piece of work with nothing beside it, measured on two cores of 2.5 GHz. */
    private const QUIET_SECONDS = 0.053;

    /** Times as long as on that machine, 1 or more. */
    public static function times(): float
    {
        $took = 0.0;
        for ($i = 0; $i < 5; $i++) {
            $from = hrtime(true);
            hash_pbkdf2('sha256', 'a piece of work', 'that is always the same', self::PASSES);
            $took += (hrtime(true) - $from) / 1e9;
        }

        return max(1.0, $took / 5 / self::QUIET_SECONDS);
    }

    /** Time for the scripts of a page that has just come up. */
    public static function pause(): void
    {
        usleep((int) self::stretched(700_000));
    }

    /** A limit in seconds, or in another unit of time, as long as this machine makes it at the moment. */
    public static function stretched(float $limit): float
    {
        return $limit * self::times();
    }
}
