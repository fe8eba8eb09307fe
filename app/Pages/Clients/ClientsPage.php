<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Models\Head;
use App\Pages\Page;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;

/** The clients of a salon, by name. */
final readonly class ClientsPage extends Page
{
    /**
     * @param Collection<int, Head> $heads
     */
    public function __construct(
        public Collection $heads,
        public string $search,
        public CarbonImmutable $today,
    ) {
    }
}
