<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Clients\PictureStore;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

/** Each night: files whose picture is deleted and whose store was away just then. */
final class SweepPictures extends Command
{
    protected $signature = 'nagomi:sweep-pictures';

    protected $description = 'Deletes files that belong to no picture of the book';

    public function handle(PictureStore $store): int
    {
        $this->info($store->sweep(CarbonImmutable::now()) . ' files belonged to nobody.');

        return self::SUCCESS;
    }
}
