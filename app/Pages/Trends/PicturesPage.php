<?php

declare(strict_types=1);

namespace App\Pages\Trends;

use App\Models\Head;
use App\Models\Picture;
use App\Pages\Page;
use Illuminate\Database\Eloquent\Collection;

/** Before and after. */
final readonly class PicturesPage extends Page
{
    /**
     * @param Collection<int, Picture> $pictures
     */
    public function __construct(
        public Head $head,
        public Collection $pictures,
        public ?Picture $left,
        public ?Picture $right,
    ) {
    }
}
