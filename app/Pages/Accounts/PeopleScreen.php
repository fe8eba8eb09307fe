<?php

declare(strict_types=1);

namespace App\Pages\Accounts;

use App\Bridge\Accounts\PasswordLink;
use App\Bridge\Accounts\Seats;
use App\Bridge\Accounts\SignedInSomewhere;
use App\Models\Ability;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\User;

/** The people of a salon. */
final readonly class PeopleScreen
{
    public function __construct(private Seats $seats, private SignedInSomewhere $signedIn)
    {
    }

    /**
     * @param string $here  the session that asks
     * @param int    $forgot key of who needs another password; 0: nobody
     */
    public function of(User $me, string $here, int $forgot = 0): PeoplePage
    {
        $leads = $me->role->may(Ability::Lead);
        $other = User::query()->where('salon_id', $me->salon_id)->whereNull('left_at')->find($forgot);
        $forgets = $leads && $other !== null && $other->role !== Role::Owner && ! $other->worksElsewhere();

        return new PeoplePage(
            me: $me,
            people: array_values(User::query()->where('salon_id', $me->salon_id)->with('holder')
                ->orderByRaw('left_at is not null')->orderBy('id')->get()->all()),
            invited: ! $leads ? [] : array_values(Invitation::query()->where('salon_id', $me->salon_id)
                ->whereNull('accepted_at')->orderBy('id')->get()->all()),
            devices: $this->signedIn->of($me, $here),
            leads: $leads,
            roles: array_map(static fn (Role $role): string => $role->value, Role::cases()),
            elsewhere: ! $leads ? [] : $this->seats->elsewhere($me->salon_id),
            passwordOf: $forgets ? $other->id : null,
            passwordLink: $forgets ? PasswordLink::of($other) : '',
        );
    }
}
