<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Programs\Deliveries;
use App\Jobs\DeliverWebhook;
use Illuminate\Console\Command;

final class TellPrograms extends Command
{
    protected $signature = 'nagomi:tell';

    protected $description = 'Queues what other programs are still to be told';

    public function handle(Deliveries $deliveries): int
    {
        foreach ($deliveries->due() as $id => $salonId) {
            DeliverWebhook::dispatch($id, $salonId);
        }

        return self::SUCCESS;
    }
}
