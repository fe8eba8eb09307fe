<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Clients\PictureStore;
use Illuminate\Console\Command;

/** For bin/backup and bin/restore, where pictures are kept in a store that other machines reach. */
final class CopyPictures extends Command
{
    protected $signature = 'nagomi:copy-pictures {folder : absolute path; its pictures/ is made the same as the store}
        {--back : the other way: the store is made the same as the folder}';

    protected $description = 'Copies all pictures, as they are encrypted, out of their store or into it';

    public function handle(PictureStore $store): int
    {
        /** @var string $folder */
        $folder = $this->argument('folder');
        $this->info(
            $this->option('back')
                ? $store->bringFrom($folder) . ' pictures were brought.'
                : $store->copyTo($folder) . ' pictures were fetched.',
        );

        return self::SUCCESS;
    }
}
