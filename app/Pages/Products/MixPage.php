<?php

declare(strict_types=1);

namespace App\Pages\Products;

use App\Pages\Page;
use Nagomi\Core\Products\Mix;

/** A mix, scaled. */
final readonly class MixPage extends Page
{
    public function __construct(
        public ?Mix $mix,
        public string $title,
        public int $keepsDays,
    ) {
    }
}
