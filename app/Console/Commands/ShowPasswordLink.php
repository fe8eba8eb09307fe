<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bridge\Accounts\PasswordLink;
use App\Bridge\Accounts\Seats;
use App\Care\Accounts\SecondStep;
use App\Models\User;
use Illuminate\Console\Command;

final class ShowPasswordLink extends Command
{
    protected $signature = 'nagomi:password {email : whose password is forgotten}
        {--without-second-step : the phone is lost as well}';

    protected $description = 'Shows a link by which somebody chooses another password, good for a day';

    public function handle(Seats $seats, SecondStep $secondStep): int
    {
        $email = $this->argument('email');
        $user = User::query()->where('email', $email)->first();
        if ($user === null || $seats->of($user)->isEmpty()) {
            $this->error('Nobody who works here signs in with this address.');

            return self::FAILURE;
        }
        if ($this->option('without-second-step')) {
            $secondStep->off($user);
        }
        $this->line(PasswordLink::of($user));

        return self::SUCCESS;
    }
}
