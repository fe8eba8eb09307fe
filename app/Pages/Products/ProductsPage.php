<?php

declare(strict_types=1);

namespace App\Pages\Products;

use App\Drawings\Bottle;
use App\Models\Product;
use App\Pages\Page;
use DateTimeImmutable;
use Illuminate\Support\Collection;

/**
 * The products of a salon, in the order of a wash day.
 *
 * @phpstan-type StockRow array{
 *     product: Product, left: float|null, days_left: int|null, good_until: DateTimeImmutable|null, past: bool,
 *     reorder: bool, what: string,
 * }
 */
final readonly class ProductsPage extends Page
{
    /**
     * @param Collection<int, StockRow>                          $rows
     * @param Collection<int, StockRow>                          $reorder
     * @param list<array{kind: string, ml: float, left: float|null}> $needs of the wash days booked
     * @param array<string, Bottle> $bottles by the product's id
     */
    public function __construct(
        public Collection $rows,
        public Collection $reorder,
        public array $needs,
        public array $bottles,
    ) {
    }
}
