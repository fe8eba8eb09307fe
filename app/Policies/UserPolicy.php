<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Who belongs to a salon is decided by its owner; the people of other salons are not there. */
final class UserPolicy
{
    /** Somebody of another salon is not there. */
    public function place(User $user, User $other): Response
    {
        return $user->salon_id === $other->salon_id ? Response::allow() : Response::denyAsNotFound();
    }

    /** An owner who left would leave nobody who could ask anybody back. */
    public function part(User $user, User $other): Response
    {
        return match (true) {
            $user->salon_id !== $other->salon_id => Response::denyAsNotFound(),
            $other->role === Role::Owner => Response::deny(),
            default => Response::allow(),
        };
    }

    /** How somebody signs in is a matter of the one salon they work in; of several, theirs alone. */
    public function signInOf(User $user, User $other): Response
    {
        return $other->worksElsewhere() ? Response::deny() : Response::allow();
    }
}
