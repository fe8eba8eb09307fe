<?php

declare(strict_types=1);

namespace App\Pages\Wash;

use App\Models\Head;
use App\Models\Style;
use App\Pages\Page;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\WashDay\TakeDown;

/** A style, day by day until it is no longer good. */
final readonly class StylePage extends Page
{
    /**
     * @param list<array{day: string, number: int, looks: string, did: string}> $days
     * @param list<string> $gave what each way to refresh gave, in words
     * @param Collection<int, Style> $earlier
     * @param array<int, int> $refreshed days on which each of them was
     */
    public function __construct(
        public Head $head,
        public CarbonImmutable $today,
        public ?Style $style,
        public ?TakeDown $takeDown,
        public array $days,
        public array $gave,
        public Collection $earlier,
        public array $refreshed,
    ) {
    }
}
