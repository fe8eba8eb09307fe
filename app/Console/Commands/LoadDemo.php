<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Picture;
use App\Models\Salon;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Storage;

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
        // Pictures of an earlier demo belong to nobody any more.
        Storage::disk(Picture::DISK)->deleteDirectory('pictures');
        $this->laravel->make(DatabaseSeeder::class)->run();

        return self::SUCCESS;
    }
}
