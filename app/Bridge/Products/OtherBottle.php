<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Product;
use Nagomi\Core\Treatments\Step;

/** A bottle that a step could be done with instead, where the first one ran out, smells wrong or is not liked. */
final readonly class OtherBottle
{
    /**
     * @param string    $care what is to be minded with it, empty where nothing is
     * @param string    $miss what of the step it does not do, empty where it does it
     * @param Step|null $with the step done with it; null for what no plan asks for, such as a styler
     */
    public function __construct(
        public Product $product,
        public ?string $pumps,
        public ?int $costCents,
        public string $care,
        public string $miss,
        public ?Step $with,
    ) {
    }
}
