<?php

declare(strict_types=1);

namespace App\Models;

/** What a program may do with its token; never more than whoever gave it to the program may do. */
enum TokenAbility: string
{
    case ReadClients = 'clients:read';
    case WriteClients = 'clients:write';
    case ReadRecords = 'records:read';
    case WriteRecords = 'records:write';
    case ReadBookings = 'bookings:read';
    case WriteBookings = 'bookings:write';

    /** What it takes of whoever gave it; null: whoever works in the salon may. */
    public function asks(): ?Ability
    {
        return match ($this) {
            self::ReadRecords, self::WriteRecords => Ability::Decide,
            default => null,
        };
    }

    /** As lines of lang/ call it, which have no colon in their keys. */
    public function key(): string
    {
        return str_replace(':', '-', $this->value);
    }
}
