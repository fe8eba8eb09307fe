<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Models\Deletion;
use App\Models\Head;
use App\Models\Import;
use App\Pages\Page;
use Illuminate\Database\Eloquent\Collection;

/** What can be taken away, brought in or deleted. */
final readonly class DataPage extends Page
{
    /**
     * @param Collection<int, Import>   $imports
     * @param Collection<int, Deletion> $deletions
     * @param Collection<int, Head>     $soon      who is to be forgotten, the soonest first
     */
    public function __construct(
        public int $heads,
        public Collection $imports,
        public Collection $deletions,
        public ?int $forgetAfterYears,
        public Collection $soon,
        public int $toldDays,
    ) {
    }
}
