<?php

declare(strict_types=1);

namespace App\Care\Monitoring;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;

/** The clock says each minute that it goes. */
final readonly class Heartbeat
{
    private const KEY = 'monitoring.clock';

    public function beat(): void
    {
        Cache::forever(self::KEY, CarbonImmutable::now()->getTimestamp());
    }

    /** @return int|null seconds since; null: never */
    public function age(): ?int
    {
        $at = Cache::get(self::KEY);

        return is_numeric($at) ? max(0, CarbonImmutable::now()->getTimestamp() - (int) $at) : null;
    }
}
