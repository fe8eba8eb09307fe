<?php

declare(strict_types=1);

namespace App\Pages\Today;

/** Times of one part of a day, as they stand beside one another. */
final readonly class OfferedRow
{
    /** @param non-empty-list<OfferedTime> $times */
    public function __construct(public string $part, public array $times)
    {
    }
}
