<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Models\Head;
use App\Pages\Page;

/** What would be deleted with a client. */
final readonly class ErasePage extends Page
{
    /**
     * @param array<string, int> $counts
     */
    public function __construct(
        public Head $head,
        public array $counts,
        public int $files,
    ) {
    }
}
