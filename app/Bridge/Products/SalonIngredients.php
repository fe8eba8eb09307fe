<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Product;
use App\Models\Salon;
use App\Models\TaughtIngredient;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\Ingredient;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\IngredientFunction;
use Nagomi\Core\Products\IngredientListing;
use Nagomi\Core\Products\InvalidIngredientList;
use Nagomi\Core\Products\ProductAnalysis;

/** The ingredient book of a salon: the one that ships, and what the salon taught it. */
final readonly class SalonIngredients
{
    public function __construct(private Parameters $parameters)
    {
    }

    public function of(Salon $salon): IngredientBook
    {
        $taught = [];
        foreach (TaughtIngredient::query()->where('salon_id', $salon->id)->orderBy('id')->get() as $one) {
            /** @var TaughtIngredient $one */
            $taught[] = [
                new Ingredient(
                    $one->name,
                    array_values(array_filter(array_map(IngredientFunction::tryFrom(...), $one->functions))),
                    $one->strength,
                ),
                $one->also,
            ];
        }

        return IngredientBook::with($taught);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidIngredientList when the list cannot be read
     */
    public function read(string $ingredients, IngredientBook $book): array
    {
        return IngredientListing::of(ProductAnalysis::of($ingredients, $book, $this->parameters->products));
    }

    /** @return ProductAnalysis|null null where a product has no list, or one that cannot be read */
    public function analysis(Product $product, IngredientBook $book): ?ProductAnalysis
    {
        if (trim($product->ingredients) === '') {
            return null;
        }
        try {
            return ProductAnalysis::of($product->ingredients, $book, $this->parameters->products);
        } catch (InvalidIngredientList) {
            return null;
        }
    }
}
