<?php

declare(strict_types=1);

namespace App\Care\Accounts;

use App\Bridge\Scheduling\BookedHands;
use App\Models\AccessToken;
use App\Models\CalendarFeed;
use App\Models\User;
use App\Models\WorkingHours;
use Carbon\CarbonImmutable;

/**
 * Somebody leaves a salon: nothing they did is lost, they cannot sign in any more, and nobody is booked with them.
 */
final readonly class Parting
{
    public function __construct(private BookedHands $bookedHands, private Sessions $sessions)
    {
    }

    /** @return int bookings still to come in these hands; where there are any, nobody leaves */
    public function leave(User $user): int
    {
        $toCome = $this->bookedHands->toCome($user);
        if ($toCome === 0) {
            $user->forceFill(['left_at' => CarbonImmutable::now(), 'remember_token' => null])->save();
            WorkingHours::query()->where('user_id', $user->id)->delete();
            $this->sessions->endHere($user);
            // What programs asked in their name they ask no more.
            AccessToken::query()->where('tokenable_id', $user->id)->delete();
            // Their calendar tells of clients who are not theirs any more.
            CalendarFeed::current(['user_id' => $user->id])?->update(['withdrawn_at' => CarbonImmutable::now()]);
        }

        return $toCome;
    }

    public function return(User $user): void
    {
        $user->update(['left_at' => null]);
    }
}
