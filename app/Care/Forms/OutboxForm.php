<?php

declare(strict_types=1);

namespace App\Care\Forms;

use App\Care\Desk\Clock;
use App\Care\Shared\SeenFields;
use App\Models\Salon;

/** When nobody is written to, as its form shows it. */
final class OutboxForm
{
    public static function name(Salon $salon): string
    {
        return "outbox {$salon->id}";
    }

    /** @return array<string, string> by dotted name */
    public static function fields(Salon $salon): array
    {
        return ['quiet_from' => Clock::shown($salon->quiet_from_minute), 'quiet_until' => Clock::shown($salon->quiet_until_minute), 'outbox' => $salon->outbox];
    }

    public static function seen(Salon $salon): SeenFields
    {
        return SeenFields::of(self::name($salon), self::fields($salon));
    }
}
