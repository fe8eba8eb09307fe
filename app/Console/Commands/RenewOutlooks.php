<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Renewal;
use App\Models\Head;
use Illuminate\Console\Command;

final class RenewOutlooks extends Command
{
    protected $signature = 'nagomi:renew';

    protected $description = 'Follows every head to today and plans its season anew';

    public function handle(): int
    {
        foreach (Head::query()->with(['salon', 'outlook'])->lazyById(100) as $head) {
            Renewal::current($head);
        }

        return self::SUCCESS;
    }
}
