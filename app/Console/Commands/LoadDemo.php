<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Scheduling\BookingConflict;
use App\Models\Picture;
use App\Models\Salon;
use Database\Seeders\DatabaseSeeder;
use Database\Seeders\DemoMoment;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Storage;

final class LoadDemo extends Command
{
    protected $signature = 'nagomi:demo {--if-empty : only where there is no salon yet}'
        . ' {--opens= : the day begins at this time and nobody has come yet; else half of it is over}';

    protected $description = 'Loads the two invented salons of the demo';

    /** @throws BookingConflict never: nobody else is there */
    public function handle(): int
    {
        $opens = $this->option('opens');
        $moment = is_string($opens) ? DemoMoment::before($opens) : null;
        if (is_string($opens) && $moment === null) {
            $this->error('Opens: type a time such as 09:00.');

            return self::FAILURE;
        }
        if ($this->laravel->environment('production') && config('app.demo') !== true) {
            $this->error('The demo has passwords that everybody knows: it is built by bin/start, never on a server.');

            return self::FAILURE;
        }
        if (Salon::query()->exists()) {
            if (! $this->option('if-empty')) {
                $this->error('There is a salon already; bin/start --fresh builds the demo from nothing.');

                return self::FAILURE;
            }

            return self::SUCCESS;
        }
        // Pictures of an earlier demo belong to nobody any more.
        Storage::disk(Picture::DISK)->deleteDirectory('pictures');
        $seeder = $this->laravel->make(DatabaseSeeder::class);
        $moment === null ? $seeder->run() : $seeder->build($moment);

        return self::SUCCESS;
    }
}
