<?php

declare(strict_types=1);

namespace App\Pages\History;

use App\Drawings\CauseBars;
use App\Models\Head;
use App\Pages\Page;

/** What is behind dryness, weakness or breakage: six weeks beside the six before. */
final readonly class CausePage extends Page
{
    /**
     * @param list<string>   $choices
     * @param list<CauseRow> $causes what changed for the worse first, then all that moved anything, the largest first
     * @param CauseBars      $bars   of the causes, in their order
     * @param list<string>   $ask
     */
    public function __construct(
        public Head $head,
        public string $of,
        public array $choices,
        public int $weeks,
        public array $causes,
        public CauseBars $bars,
        public ?string $next,
        public array $ask,
    ) {
    }
}
