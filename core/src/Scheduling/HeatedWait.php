<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use Nagomi\Core\WashDay\WashStepKind;

/** What keeps hair warm while hands are free: nobody is left alone under it, and of hoods there are only so many. */
enum HeatedWait: string
{
    case Cap = 'cap';
    case Hood = 'hood';

    /** @return self|null null: nothing waits, or without heat */
    public static function of(WashStepKind $kind, bool $heat, float $waitingMinutes): ?self
    {
        return match (true) {
            ! $heat || $waitingMinutes <= 0 => null,
            $kind === WashStepKind::Dry => self::Hood,
            default => self::Cap,
        };
    }

    /** Of two at once the one there are fewer of. */
    public static function scarcer(?self $one, ?self $other): ?self
    {
        return $one === self::Hood || $other === self::Hood ? self::Hood : $one ?? $other;
    }
}
