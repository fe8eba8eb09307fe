<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Accounts\FirstCode;
use App\Models\Salon;
use Illuminate\Console\Command;

final class ShowFirstCode extends Command
{
    protected $signature = 'nagomi:first-code';

    protected $description = 'Shows the code that opens the first salon at /begin, for a day';

    public function handle(FirstCode $code): int
    {
        if (Salon::query()->exists()) {
            $this->error('There is a salon already. Another one is opened by php artisan nagomi:salon.');

            return self::FAILURE;
        }
        $this->line($code->anew());

        return self::SUCCESS;
    }
}
