<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Parameters\ContentParameters;
use Nagomi\Core\Treatments\BottleContents;

/** What a bottle is like: what it holds that matters to hair, and how it slips. */
final readonly class BottleProfile
{
    /** @param array{string, string} $slip at least and at most: low, medium or high */
    public function __construct(
        public BottleContents $contents,
        public array $slip,
    ) {
    }

    /** @param int|null $labelMinutes how long it sits at most, by its label; null where that does not say */
    public static function of(
        ProductAnalysis $reading,
        ContentParameters $contents,
        ?int $labelMinutes = null,
    ): self {
        return new self(BottleReading::contents($reading, $contents, $labelMinutes), $reading->feel('slip'));
    }
}
