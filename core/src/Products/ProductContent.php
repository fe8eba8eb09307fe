<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/**
 * How much of a product does one thing: bounds of the share by weight, what it probably is, and the ingredients it comes
 * from.
 */
final readonly class ProductContent
{
    /** @param list<string> $from names, as they stand in the list */
    public function __construct(
        public float $lowerPercent,
        public float $upperPercent,
        public array $from,
        public float $typicalPercent,
    ) {
    }
}
