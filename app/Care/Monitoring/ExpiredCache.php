<?php

declare(strict_types=1);

namespace App\Care\Monitoring;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** What the cache in the database keeps beyond its end: it goes only when it is asked for again, and most never is. */
final class ExpiredCache
{
    private const TABLES = ['cache', 'cache_locks'];

    /** @return int rows that went */
    public function sweep(CarbonImmutable $now): int
    {
        $swept = 0;
        foreach (self::TABLES as $table) {
            $swept += DB::table($table)->where('expiration', '<', $now->getTimestamp())->delete();
        }

        return $swept;
    }
}
