<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Learning\ResultsWatch;
use App\Care\Readings\StylistBiasUpdate;
use App\Models\Salon;
use Illuminate\Console\Command;

final class EstimateBiases extends Command
{
    protected $signature = 'nagomi:biases';

    protected $description = 'Looks, for each salon, whether results come as foretold, and estimates how far each stylist reads each sign above the others';

    public function handle(): int
    {
        foreach (Salon::query()->lazyById(50) as $salon) {
            // Before stored days are due anew by what is changed here.
            app(ResultsWatch::class)->renew($salon);
            app(StylistBiasUpdate::class)->renew($salon);
        }

        return self::SUCCESS;
    }
}
