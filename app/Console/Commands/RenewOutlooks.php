<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bridge\Plans\Outlooks;
use App\Jobs\RenewSalon;
use App\Models\Head;
use App\Models\Salon;
use Illuminate\Console\Command;

final class RenewOutlooks extends Command
{
    protected $signature = 'nagomi:renew
        {--due : only the heads whose book changed and whose outlook could not be worked out then}
        {--queued : leaves each salon to the worker of its shard}';

    protected $description = 'Follows every head to today and plans its season anew';

    public function handle(): int
    {
        if ($this->option('queued')) {
            /** @var iterable<Salon> $salons */
            $salons = Salon::query()->get(['id']);
            foreach ($salons as $salon) {
                RenewSalon::dispatch($salon->id);
            }

            return self::SUCCESS;
        }
        $heads = Head::query()->with(['salon', 'outlook'])->when(
            $this->option('due'),
            fn ($query) => $query->whereNotNull('outlook_due_from'),
        );
        foreach ($heads->lazyById(100) as $head) {
            /** @var Head $head */
            // One head that cannot be worked out keeps none of the others waiting.
            rescue(fn () => app(Outlooks::class)->current($head));
        }

        return self::SUCCESS;
    }
}
