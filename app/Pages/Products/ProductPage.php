<?php

declare(strict_types=1);

namespace App\Pages\Products;

use App\Drawings\Bottle;
use App\Models\Head;
use App\Models\Product;
use App\Models\StockMove;
use App\Pages\Page;
use Illuminate\Database\Eloquent\Collection;

/**
 * What one product really is, and who must not have it.
 *
 * @phpstan-import-type StockRow from ProductsPage
 */
final readonly class ProductPage extends Page
{
    /**
     * @param bool $staysOn on the hair until the next wash
     * @param array<string, string> $meanings what the colour of a load means, by load
     * @param array<string, mixed> $reading what its ingredients came to, as bin/core prints it
     * @param list<string> $onHair what it does to hair beside a usual one
     * @param list<string> $disagrees where label and list say different things
     * @param list<array{head: Head, reasons: non-empty-list<string>}>    $against
     * @param StockRow                                                    $row
     * @param Collection<int, StockMove>                                  $moves
     * @param list<array{product: Product, alike: bool, price: string, says: string}> $cheaper of its kind
     */
    public function __construct(
        public Product $product,
        public Bottle $bottle,
        public bool $staysOn,
        public array $meanings,
        public array $reading,
        public array $onHair,
        public array $disagrees,
        public array $against,
        public array $row,
        public Collection $moves,
        public array $cheaper,
    ) {
    }
}
