<?php

declare(strict_types=1);

namespace App\Pages\Wash;

use App\Models\Head;
use App\Models\WashSession;
use App\Pages\Page;

/** A wash day laid out by hand, before it begins. */
final readonly class LayOutPage extends Page
{
    /**
     * @param array<string, mixed> $told
     * @param bool                 $isOlder than the plan, which was made anew since
     */
    public function __construct(
        public Head $head,
        public WashSession $washSession,
        public array $told,
        public bool $isOlder,
    ) {
    }
}
