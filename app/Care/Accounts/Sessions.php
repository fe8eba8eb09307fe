<?php

declare(strict_types=1);

namespace App\Care\Accounts;

use App\Bridge\Accounts\OpenSessions;
use App\Bridge\Accounts\Seats;
use App\Models\User;

/** Where somebody is signed in. */
final readonly class Sessions
{
    public function __construct(private Seats $seats, private OpenSessions $open)
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
        return $this->open->end($this->seats->keys($user), (string) $but);
    }

    /** Of everybody, in all salons. */
    public function endAll(): int
    {
        /** @var list<int> $ids */
        $ids = User::query()->withoutGlobalScopes()->pluck('id')->all();

        return $this->open->end($ids);
    }

    /** In one salon alone. */
    public function endHere(User $user): void
    {
        $this->open->end([$user->id]);
    }
}
