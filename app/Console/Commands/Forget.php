<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\DataTransfer\Forgetting;
use App\Models\Salon;
use Illuminate\Console\Command;

/** Each night: whom a salon has not seen for as long as it wishes to keep anybody. */
final class Forget extends Command
{
    protected $signature = 'nagomi:forget';

    protected $description = 'Names who is to be forgotten in a month, and forgets whose month is over';

    public function handle(Forgetting $forgetting): int
    {
        $forgotten = 0;
        /** @var iterable<Salon> $salons */
        $salons = Salon::query()->get();
        foreach ($salons as $salon) {
            $forgotten += $forgetting->look($salon);
        }
        $this->info("{$forgotten} clients were forgotten.");

        return self::SUCCESS;
    }
}
