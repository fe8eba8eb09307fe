<?php

declare(strict_types=1);

namespace App\Care\Accounts;

use App\Bridge\Scheduling\BookedHands;
use App\Models\Role;
use App\Models\User;
use App\Models\WorkingHours;

/** What somebody is in a salon from now on. */
final readonly class Roles
{
    public function __construct(private BookedHands $bookedHands)
    {
    }

    /** @return RoleKept|null why everything stays as it is; null: it was changed */
    public function change(User $user, Role $to): ?RoleKept
    {
        $owners = User::query()
            ->where('salon_id', $user->salon_id)
            ->where('role', Role::Owner->value)
            ->whereNull('left_at')
            ->lockForUpdate()
            ->pluck('id')
            ->all();
        if ($to !== Role::Owner && $owners === [$user->id]) {
            return RoleKept::LastOwner;
        }
        if (! $to->hasHands() && $this->bookedHands->toCome($user) > 0) {
            return RoleKept::StillBooked;
        }
        $user->update(['role' => $to]);
        if (! $to->hasHands()) {
            // Nobody is offered hours of hands that are not there.
            WorkingHours::query()->where('user_id', $user->id)->delete();
        }

        return null;
    }
}
