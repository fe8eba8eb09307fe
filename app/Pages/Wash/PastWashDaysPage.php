<?php

declare(strict_types=1);

namespace App\Pages\Wash;

use App\Models\Head;
use App\Models\PlanItem;
use App\Models\WashDay;
use App\Pages\Page;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;

/** A wash day that was done elsewhere or before. */
final readonly class PastWashDaysPage extends Page
{
    /**
     * @param array<string, string>    $products
     * @param Collection<int, WashDay> $recent
     */
    public function __construct(
        public Head $head,
        public CarbonImmutable $today,
        public ?PlanItem $planned,
        public array $products,
        public Collection $recent,
    ) {
    }
}
