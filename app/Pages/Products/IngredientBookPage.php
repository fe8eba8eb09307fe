<?php

declare(strict_types=1);

namespace App\Pages\Products;

use App\Pages\Page;

/** The ingredient book of a salon, to be looked up and set right. */
final readonly class IngredientBookPage extends Page
{
    /**
     * @param list<array{
     *     name: string, also: list<string>, functions: list<string>, strength: string, cap: float|null, source: string,
     *     note: string, taught: mixed,
     * }> $rows
     */
    public function __construct(
        public string $search,
        public string $function,
        public int $count,
        public int $all,
        public array $rows,
    ) {
    }
}
