<?php

declare(strict_types=1);

namespace App\Pages\Products;

use App\Bridge\Products\ChosenBottle;
use App\Bridge\Products\ClientProducts;
use App\Models\Head;
use App\Models\Product;
use App\Models\Reaction;
use App\Pages\Page;
use Illuminate\Support\Collection;

/**
 * The products for one hair, what suits first.
 *
 * @phpstan-import-type ProductChoice from ClientProducts
 */
final readonly class ClientProductsPage extends Page
{
    /**
     * @param Collection<array-key, Collection<int, ProductChoice>> $kinds
     * @param Collection<int, Reaction>                             $reactions
     * @param Collection<int, Product>                              $products
     * @param list<array{kind: string, ml: float, left: float|null}> $needs of the wash days at home
     * @param array<string, ChosenBottle> $next by kind, what the next wash day in the salon takes
     * @param list<string> $allergiesUnread what stands under allergies and names no ingredient that is known
     */
    public function __construct(
        public Head $head,
        public Collection $kinds,
        public Collection $reactions,
        public Collection $products,
        public int $spent_cents,
        public array $needs,
        public array $next,
        public array $allergiesUnread,
    ) {
    }
}
