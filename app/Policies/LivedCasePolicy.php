<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\LivedCase;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Hair to practise on belongs to its salon; to everybody else it is not there. */
final class LivedCasePolicy
{
    public function view(User $user, LivedCase $livedCase): Response
    {
        return $user->salon_id === $livedCase->salon_id ? Response::allow() : Response::denyAsNotFound();
    }
}
