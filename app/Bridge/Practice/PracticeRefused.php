<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

/** Why an act in a practice case cannot be done, in words, and by which field it stands. */
final readonly class PracticeRefused
{
    public function __construct(public string $field, public string $says)
    {
    }
}
