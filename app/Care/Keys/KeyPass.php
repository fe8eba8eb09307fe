<?php

declare(strict_types=1);

namespace App\Care\Keys;

/** What one going through all that is encrypted did. */
final readonly class KeyPass
{
    /** @param int $lost texts and pictures that no key opens, left as they are */
    public function __construct(public int $rows, public int $pictures, public int $lost)
    {
    }

    public function isNothing(): bool
    {
        return $this->rows === 0 && $this->pictures === 0;
    }
}
