<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Booking;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A booking belongs to its salon; to everybody else it is not there. */
final class BookingPolicy
{
    public function view(User $user, Booking $booking): Response
    {
        return $user->salon_id === $booking->salon_id ? Response::allow() : Response::denyAsNotFound();
    }
}
