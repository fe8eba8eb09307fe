<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bridge\Learning\HeadsToLearnFrom;
use App\Care\Learning\SalonNumbers;
use App\Jobs\LearnSalon;
use App\Models\Salon;
use Illuminate\Console\Command;

final class LearnSalons extends Command
{
    protected $signature = 'nagomi:learn';

    protected $description = 'Lets each salon’s worker learn its own numbers; nothing changes until somebody uses them';

    public function handle(HeadsToLearnFrom $heads, SalonNumbers $salonNumbers): int
    {
        foreach (Salon::query()->lazyById(50) as $salon) {
            $learning = count($heads->of($salon)) < HeadsToLearnFrom::FEWEST
                ? null
                : $salonNumbers->ask($salon, SalonNumbers::BY_ITSELF);
            if ($learning !== null) {
                LearnSalon::dispatch($learning->id, $learning->salon_id);
            }
        }

        return self::SUCCESS;
    }
}
