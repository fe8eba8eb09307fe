<?php

declare(strict_types=1);

namespace App\Pages\Products;

use App\Models\Head;
use App\Models\Product;
use App\Pages\Page;
use App\Pages\Shared\SeenFields;

/** A product, new or to be changed. */
final readonly class ProductFormPage extends Page
{
    public function __construct(
        public Product $product,
        public ?Head $head,
        public ?SeenFields $seen,
    ) {
    }
}
