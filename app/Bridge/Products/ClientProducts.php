<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Head;
use App\Models\Product;
use App\Models\Reaction;
use Illuminate\Support\Collection;
use Nagomi\Core\Products\BottleFacts;
use Nagomi\Core\Products\BottleMiss;
use Nagomi\Core\Products\BottleProfile;
use Nagomi\Core\Products\Dose;

/**
 * The products of a salon and of one client, as this hair sees them.
 *
 * @phpstan-type ProductChoice array{
 *     product: Product, verdict: string, reasons: list<array{verdict: string, says: string}>, dose: Dose,
 *     pumps: string|null, cost_cents: int|null, in_stock: bool, facts: BottleFacts,
 *     profile: BottleProfile, refusal: BottleMiss|null, patch_test: string,
 * }
 */
final readonly class ClientProducts
{
    /**
     * @param Collection<array-key, Collection<int, ProductChoice>> $kinds     what suits first, by kind
     * @param Collection<int, Reaction>                             $reactions the latest first
     * @param Collection<int, Product>                              $products  with a list of ingredients, by name
     * @param Collection<int, Product>                              $unread    whose list nobody has put in yet, by name
     */
    public function __construct(
        public Head $head,
        public Collection $kinds,
        public Collection $reactions,
        public Collection $products,
        public Collection $unread,
    ) {
    }
}
