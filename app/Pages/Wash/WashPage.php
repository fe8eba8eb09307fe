<?php

declare(strict_types=1);

namespace App\Pages\Wash;

use App\Models\Head;
use App\Models\WashSession;
use App\Pages\Page;

/** A wash day as it is run. */
final readonly class WashPage extends Page
{
    /**
     * @param array<string, mixed> $told
     * @param int $quietHours of one of an earlier day after which nobody goes on with it
     */
    public function __construct(
        public Head $head,
        public WashSession $washSession,
        public array $told,
        public int $quietHours,
    ) {
    }
}
