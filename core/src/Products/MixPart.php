<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/** One part of a mix, as a share of the whole. */
final readonly class MixPart
{
    public function __construct(
        public string $name,
        public float $percent,
        public bool $essentialOil = false,
    ) {
    }
}
