<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Pages\Page;

/** The clients of a salon: who needs something first. */
final readonly class ClientsPage extends Page
{
    /**
     * @param list<ClientRow>    $rows
     * @param string             $search what was asked for; '' nothing
     * @param string             $show   which of them, as chosen
     * @param array<string, int> $counts clients by filter
     */
    public function __construct(
        public array $rows,
        public string $search,
        public string $show,
        public array $counts,
    ) {
    }
}
