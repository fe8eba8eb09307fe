<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Models\Deletion;
use App\Models\Salon;
use App\Pages\Page;

/** The proof that a client was deleted. */
final readonly class ErasedPage extends Page
{
    public function __construct(
        public Deletion $deletion,
        public Salon $salon,
    ) {
    }
}
