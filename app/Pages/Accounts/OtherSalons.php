<?php

declare(strict_types=1);

namespace App\Pages\Accounts;

use App\Bridge\Accounts\Seats;
use App\Models\User;
use Illuminate\Support\Facades\Auth;

/** Where else whoever is signed in works. */
final readonly class OtherSalons
{
    public function __construct(private Seats $seats)
    {
    }

    /** @return array<int, string> names of salons by the seat there */
    public function ofSignedIn(): array
    {
        $user = Auth::user();
        if (! $user instanceof User || ! $user->in_several) {
            return [];
        }
        $others = [];
        foreach ($this->seats->of($user) as $seat) {
            if ($seat->id !== $user->id) {
                $others[$seat->id] = $seat->salon->name;
            }
        }

        return $others;
    }
}
