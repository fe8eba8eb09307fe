<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bridge\Accounts\PasswordLink;
use App\Models\User;
use Illuminate\Console\Command;

final class ShowPasswordLink extends Command
{
    protected $signature = 'nagomi:password {email : whose password is forgotten}';

    protected $description = 'Shows a link by which somebody chooses another password, good for a day';

    public function handle(): int
    {
        $email = $this->argument('email');
        $user = User::query()->where('email', $email)->whereNull('left_at')->first();
        if ($user === null) {
            $this->error('Nobody who works here signs in with this address.');

            return self::FAILURE;
        }
        $this->line(PasswordLink::of($user));

        return self::SUCCESS;
    }
}
