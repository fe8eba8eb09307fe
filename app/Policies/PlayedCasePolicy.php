<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\PlayedCase;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A practice case belongs to whoever plays it; to everybody else it is not there. */
final class PlayedCasePolicy
{
    public function view(User $user, PlayedCase $playedCase): Response
    {
        return $user->id === $playedCase->user_id && $user->salon_id === $playedCase->salon_id
            ? Response::allow()
            : Response::denyAsNotFound();
    }
}
