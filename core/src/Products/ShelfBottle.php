<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/** A bottle as a table of a shelf tells of it. */
final readonly class ShelfBottle
{
    /**
     * @param string     $ingredients as printed; empty where nobody has put the list in
     * @param float|null $sizeMl      of a full bottle
     * @param float|null $leftMl      null: never counted
     * @param float|null $price       of a full bottle
     */
    public function __construct(
        public string $name,
        public ProductKind $kind,
        public string $ingredients,
        public ?float $sizeMl,
        public ?float $leftMl,
        public ?float $price,
        public ?int $labelMinutes,
        public Stock $stock,
    ) {
    }
}
