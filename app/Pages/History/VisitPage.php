<?php

declare(strict_types=1);

namespace App\Pages\History;

use App\Models\Head;
use App\Models\Visit;
use App\Models\VisitStatement;
use App\Pages\Page;
use Illuminate\Support\Collection;

/** What one sitting of hair tests told. */
final readonly class VisitPage extends Page
{
    /**
     * @param Collection<int, VisitStatement> $earlier
     * @param list<array{sign: string, mine: float, theirs: float, by: string}> $beside
     */
    public function __construct(
        public Head $head,
        public Visit $visit,
        public ?VisitStatement $account,
        public Collection $earlier,
        public array $beside,
    ) {
    }
}
