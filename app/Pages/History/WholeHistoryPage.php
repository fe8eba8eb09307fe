<?php

declare(strict_types=1);

namespace App\Pages\History;

use App\Models\Head;
use App\Pages\Page;

/** All that is kept of a client, to be handed over. */
final readonly class WholeHistoryPage extends Page
{
    /**
     * @param list<HistoryPart> $parts those with something in them
     * @param string            $day   in words
     */
    public function __construct(
        public Head $head,
        public string $salonName,
        public string $day,
        public array $parts,
    ) {
    }
}
