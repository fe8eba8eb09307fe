<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Readings\StylistBiasUpdate;
use App\Models\Salon;
use Illuminate\Console\Command;

final class EstimateBiases extends Command
{
    protected $signature = 'nagomi:biases';

    protected $description = 'Estimates, for each salon, how far each stylist reads each sign above the others';

    public function handle(): int
    {
        foreach (Salon::query()->lazyById(50) as $salon) {
            app(StylistBiasUpdate::class)->renew($salon);
        }

        return self::SUCCESS;
    }
}
