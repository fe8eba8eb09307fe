<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Reminders\DueReminders;
use App\Care\Reminders\QuietHours;
use App\Jobs\SendReminder;
use App\Models\Reminder;
use App\Models\Salon;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

final class Remind extends Command
{
    protected $signature = 'nagomi:remind';

    protected $description = 'Notes which reminders there are to be, and queues those that are due';

    public function handle(): int
    {
        /** @var iterable<Salon> $salons */
        $salons = Salon::query()->get();
        foreach ($salons as $salon) {
            app(DueReminders::class)->look($salon);
            if (QuietHours::isQuiet($salon, CarbonImmutable::now())) {
                continue;
            }
            foreach (
                Reminder::query()
                    ->where('salon_id', $salon->id)
                    ->where('status', 'due')
                    ->where('due_at', '<=', now())
                    ->get(['id']) as $due
            ) {
                SendReminder::dispatch($due->id, $salon->id);
            }
        }

        return self::SUCCESS;
    }
}
