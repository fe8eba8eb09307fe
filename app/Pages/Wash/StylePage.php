<?php

declare(strict_types=1);

namespace App\Pages\Wash;

use App\Models\Head;
use App\Models\Style;
use App\Pages\Page;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Nagomi\Core\WashDay\TakeDown;

/** A style, day by day until it is no longer good. */
final readonly class StylePage extends Page
{
    /**
     * @param Collection<int, Style> $earlier
     */
    public function __construct(
        public Head $head,
        public CarbonImmutable $today,
        public ?Style $style,
        public ?TakeDown $takeDown,
        public Collection $earlier,
    ) {
    }
}
