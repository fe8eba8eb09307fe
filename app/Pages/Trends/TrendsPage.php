<?php

declare(strict_types=1);

namespace App\Pages\Trends;

use App\Models\Head;
use App\Pages\Page;

/** The signs of a head over months. */
final readonly class TrendsPage extends Page
{
    /**
     * @param list<string> $groups
     * @param list<Trend>  $trends
     * @param list<string> $none
     */
    public function __construct(
        public Head $head,
        public string $group,
        public array $groups,
        public array $trends,
        public array $none,
        public string $legend,
    ) {
    }
}
