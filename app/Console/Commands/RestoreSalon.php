<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Archive\RestoreRefused;
use App\Care\Archive\SalonRestore;
use Illuminate\Console\Command;

/** Makes a salon out of the archive its owner took away. */
final class RestoreSalon extends Command
{
    protected $signature = 'nagomi:restore-salon {file : the whole salon, as Import and export gives it out}';

    protected $description = 'Makes a salon again out of its archive, and shows where its owners choose a password';

    public function handle(SalonRestore $restore): int
    {
        $file = $this->argument('file');
        if (! is_file($file)) {
            $this->error('There is no such file.');

            return self::FAILURE;
        }
        try {
            $restored = $restore->from($file);
        } catch (RestoreRefused $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        $this->info("{$restored->salon->name} is here again. Its owners choose a password, within a day:");
        foreach ($restored->owners as $owner) {
            $this->line("{$owner['name']}: {$owner['link']}");
        }

        return self::SUCCESS;
    }
}
