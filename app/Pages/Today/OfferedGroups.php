<?php

declare(strict_types=1);

namespace App\Pages\Today;

use Carbon\CarbonImmutable;

/** The times of one day at which several who come together can be had. */
final readonly class OfferedGroups
{
    /** @param array<string, non-empty-list<OfferedGroup>> $byPart a few of each part of the day, the shortest first */
    public function __construct(public CarbonImmutable $date, public array $byPart)
    {
    }
}
