<?php

declare(strict_types=1);

namespace App\Care\Accounts;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Where somebody is signed in. */
final readonly class Sessions
{
    /**
     * @param string|null $but the session that stays; null: none
     *
     * @return int how many were ended
     */
    public function end(User $user, ?string $but = null): int
    {
        return DB::table('sessions')->where('user_id', $user->id)->where('id', '!=', (string) $but)->delete();
    }
}
