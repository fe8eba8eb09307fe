<?php

declare(strict_types=1);

namespace App\Pages\History;

use App\Models\Head;
use App\Models\Visit;
use App\Pages\Page;
use Illuminate\Pagination\LengthAwarePaginator;

/** Each sitting of hair tests, the latest first. */
final readonly class VisitsPage extends Page
{
    /**
     * @param LengthAwarePaginator<int, Visit> $visits
     */
    public function __construct(
        public Head $head,
        public LengthAwarePaginator $visits,
    ) {
    }
}
