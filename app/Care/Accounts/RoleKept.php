<?php

declare(strict_types=1);

namespace App\Care\Accounts;

/** Why somebody stays what they are. */
enum RoleKept: string
{
    /** Somebody has to lead. */
    case LastOwner = 'last-owner';

    /** Whoever has no hands cannot be booked. */
    case StillBooked = 'still-booked';
}
