<?php

declare(strict_types=1);

namespace App\Care\Archive;

use App\Models\Salon;

/** A salon that came out of its archive, and where its owners choose how they sign in. */
final readonly class RestoredSalon
{
    /** @param list<array{name: string, link: string}> $owners each with a link, good for a day */
    public function __construct(public Salon $salon, public array $owners)
    {
    }
}
