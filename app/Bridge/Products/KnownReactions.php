<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Product;
use App\Models\Reaction;
use Illuminate\Support\Collection;
use Nagomi\Core\Products\Allergies;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\ProductAnalysis;

/** What a client reacted to before, held against a bottle: itself, or what is in it by whichever of its names. */
final readonly class KnownReactions
{
    /**
     * @param array<string, true>      $products by id
     * @param array<string, Allergies> $ingredients as the book understands them, by what was written
     */
    private function __construct(
        private array $products,
        private array $ingredients,
        private IngredientBook $book,
    ) {
    }

    /** @param Collection<int, Reaction> $reactions of one client */
    public static function of(Collection $reactions, IngredientBook $book): self
    {
        $products = $ingredients = [];
        foreach ($reactions as $reaction) {
            if ($reaction->product_id !== null) {
                $products[$reaction->product_id] = true;
            }
            $written = $reaction->ingredient ?? '';
            if ($written !== '') {
                $ingredients[$written] = Allergies::of($written, $book);
            }
        }

        return new self($products, $ingredients, $book);
    }

    public function to(Product $product, ProductAnalysis $reading): bool
    {
        if (isset($this->products[$product->id])) {
            return true;
        }
        foreach ($this->ingredients as $written => $named) {
            foreach ($reading->entries as $entry) {
                if (stripos($entry->listed, (string) $written) !== false || $named->name($entry, $this->book)) {
                    return true;
                }
            }
        }

        return false;
    }
}
