<?php

declare(strict_types=1);

namespace App\Care\Accounts;

use App\Care\Scheduling\OpeningHours;
use App\Care\Shared\Lock;
use App\Models\Role;
use App\Models\Salon;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Head\Method;

/** Opens a salon: with an owner, hours and services, all of it or nothing. */
final readonly class SalonOpening
{
    /** The air inside, until somebody says otherwise: common practice, no source. */
    private const HUMIDITY_PERCENT = 50.0;

    public function __construct(private OpeningHours $openingHours)
    {
    }

    /** Whether somebody was first; whoever asks while another opens one waits for that one. */
    public function isTaken(): bool
    {
        Lock::installation()->take();

        return Salon::query()->lockForUpdate()->exists();
    }

    /** @return User the owner */
    public function open(NewSalon $new): User
    {
        return DB::transaction(function () use ($new): User {
            $salon = Salon::query()->create([
                'name' => $new->name,
                'timezone' => $new->timezone,
                'language' => $new->language,
                'currency' => $new->currency,
                'hardness_mg_per_l' => $new->hardnessMgPerL,
                'humidity_percent' => self::HUMIDITY_PERCENT,
                'climate' => $new->climate,
                'method' => (new Method())->choices,
            ]);
            $owner = User::query()->create([
                'salon_id' => $salon->id,
                'name' => $new->owner,
                'email' => $new->email,
                'password' => $new->password,
                'language' => $new->language,
                'role' => Role::Owner,
            ]);
            $this->openingHours->keep($salon, $new->chairs, [], [$owner->id => $new->week], $new->services);

            return $owner;
        });
    }
}
