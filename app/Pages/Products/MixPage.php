<?php

declare(strict_types=1);

namespace App\Pages\Products;

use App\Pages\Page;
use Nagomi\Core\Products\Mix;

/** A mix, scaled. */
final readonly class MixPage extends Page
{
    /**
     * @param string                $keeps    how long this mix keeps, and why; '' without one
     * @param array<string, string> $uses     ways it is used, by key
     * @param array<string, string> $people   on whom, by key; '' for nobody in particular
     * @param float                 $dropsAMl drops a millilitre
     */
    public function __construct(
        public ?Mix $mix,
        public string $title,
        public int $waterKeepsDays,
        public string $keeps,
        public array $uses,
        public array $people,
        public float $dropsAMl,
    ) {
    }
}
