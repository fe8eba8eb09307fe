<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Head;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A head is seen and cared for by its own salon; to everybody else it is not there. */
final class HeadPolicy
{
    public function view(User $user, Head $head): Response
    {
        return $user->salon_id === $head->salon_id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $user, Head $head): Response
    {
        return $this->view($user, $head);
    }
}
