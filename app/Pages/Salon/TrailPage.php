<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Models\Head;
use App\Models\TrailEntry;
use App\Pages\Page;
use Illuminate\Contracts\Pagination\Paginator;

/** Who did what in a salon, or about one client, the latest first. */
final readonly class TrailPage extends Page
{
    /**
     * @param list<TrailRow>             $rows
     * @param Paginator<int, TrailEntry> $pages
     * @param array<string, string>      $chosen by filter; '' where it is open
     * @param array<int, string>         $people names by key
     * @param list<string>               $kinds  of what can be asked for
     */
    public function __construct(
        public ?Head $head,
        public array $rows,
        public Paginator $pages,
        public array $chosen,
        public array $people,
        public array $kinds,
    ) {
    }
}
