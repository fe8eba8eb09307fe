<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Drawings\TimesShipped;

/** One number the salon goes by: as it ships, and as its own records say. */
final readonly class LearnedRow
{
    public function __construct(
        public string $name,
        public string $shipped,
        public string $here,
        public string $between,
        public string $rests,
        public TimesShipped $picture,
    ) {
    }
}
