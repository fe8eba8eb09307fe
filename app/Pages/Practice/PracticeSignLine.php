<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Drawings\ResultRange;

/** A result of a practice visit, in words and as a dot on its range in balance. */
final readonly class PracticeSignLine
{
    /** @param ResultRange|null $range null: the sign says nothing of the balance */
    public function __construct(
        public string $value,
        public string $unit,
        public string $name,
        public string $means,
        public ?ResultRange $range,
    ) {
    }
}
