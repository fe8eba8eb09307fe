<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody is in a salon. */
enum Role: string
{
    case Owner = 'owner';
    case Stylist = 'stylist';
    case Apprentice = 'apprentice';
    case FrontDesk = 'front-desk';

    public function may(Ability $ability): bool
    {
        return match ($ability) {
            Ability::Care => $this !== self::FrontDesk,
            Ability::Decide => $this === self::Owner || $this === self::Stylist,
            Ability::Lead => $this === self::Owner,
        };
    }

    /** Whether somebody has hands that clients can be booked with. */
    public function hasHands(): bool
    {
        return $this->may(Ability::Care);
    }
}
