<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bridge\Plans\Outlooks;
use App\Models\Head;
use Illuminate\Console\Command;

final class RenewOutlooks extends Command
{
    protected $signature = 'nagomi:renew {--due : only the heads whose book changed and whose outlook could not be worked out then}';

    protected $description = 'Follows every head to today and plans its season anew';

    public function handle(): int
    {
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
