<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Monitoring\ExpiredCache;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

/** Each night: what the cache keeps in the database beyond its end. */
final class SweepCache extends Command
{
    protected $signature = 'nagomi:sweep-cache';

    protected $description = 'Deletes what the cache keeps in the database beyond its end';

    public function handle(ExpiredCache $cache): int
    {
        $this->info($cache->sweep(CarbonImmutable::now()) . ' rows were past their end.');

        return self::SUCCESS;
    }
}
