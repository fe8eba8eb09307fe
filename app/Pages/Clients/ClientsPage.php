<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Pages\Page;
use Illuminate\Pagination\LengthAwarePaginator;

/** The clients of a salon: who needs something first. */
final readonly class ClientsPage extends Page
{
    /**
     * @param list<ClientRow>                  $rows   of one page
     * @param string                           $search what was asked for; '' nothing
     * @param string                           $show   which of them, as chosen
     * @param array<string, int>               $counts clients by filter
     * @param LengthAwarePaginator<int, never> $pages  how many clients are shown in all, and which page this is
     */
    public function __construct(
        public array $rows,
        public string $search,
        public string $show,
        public array $counts,
        public LengthAwarePaginator $pages,
    ) {
    }
}
