<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Models\Import;
use App\Pages\Page;

/** What a file holds, before anything of it is taken in. */
final readonly class ImportPage extends Page
{
    public function __construct(
        public Import $import,
        public int $good,
        public int $here,
    ) {
    }
}
