<?php

declare(strict_types=1);

namespace App\Care\Accounts;

use App\Bridge\Accounts\Seats;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Where somebody is signed in. */
final readonly class Sessions
{
    public function __construct(private Seats $seats)
    {
    }

    /**
     * Of a person, in whichever salon.
     *
     * @param string|null $but the session that stays; null: none
     *
     * @return int how many were ended
     */
    public function end(User $user, ?string $but = null): int
    {
        return DB::table('sessions')
            ->whereIn('user_id', $this->seats->keys($user))
            ->where('id', '!=', (string) $but)
            ->delete();
    }

    /** In one salon alone. */
    public function endHere(User $user): void
    {
        DB::table('sessions')->where('user_id', $user->id)->delete();
    }
}
