<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Accounts\Sessions;
use Illuminate\Console\Command;

final class EndSessions extends Command
{
    protected $signature = 'nagomi:end-sessions';

    protected $description = 'Signs everybody out, on every device';

    public function handle(Sessions $sessions): int
    {
        $this->info($sessions->endAll() . ' sessions were ended.');

        return self::SUCCESS;
    }
}
