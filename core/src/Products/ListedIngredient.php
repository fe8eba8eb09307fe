<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/** One entry of a list as it is printed, and what it was read as. */
final readonly class ListedIngredient
{
    /**
     * @param Ingredient|null $ingredient    null: not known yet
     * @param bool            $guessed       the printed name is misspelt and was read as the nearest
     * @param float|null      $statedPercent share by weight where the label says it
     */
    public function __construct(
        public string $listed,
        public ?Ingredient $ingredient,
        public bool $guessed,
        public ListPart $part,
        public ?float $statedPercent = null,
    ) {
    }
}
