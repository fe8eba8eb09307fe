<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Salon;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Console\Command;

final class LoadDemo extends Command
{
    protected $signature = 'nagomi:demo {--if-empty : only where there is no salon yet}';

    protected $description = 'Loads the two invented salons of the demo';

    public function handle(): int
    {
        if (Salon::query()->exists()) {
            if (! $this->option('if-empty')) {
                $this->error('There is a salon already; bin/start --fresh builds the demo from nothing.');

                return self::FAILURE;
            }

            return self::SUCCESS;
        }
        $this->laravel->make(DatabaseSeeder::class)->run();

        return self::SUCCESS;
    }
}
