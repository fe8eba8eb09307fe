<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Product;
use App\Models\Salon;
use App\Models\TaughtIngredient;
use Nagomi\Core\Shelf\Ingredient;
use Nagomi\Core\Shelf\IngredientBook;
use Nagomi\Core\Shelf\IngredientFunction;
use Nagomi\Core\Shelf\Listing;
use Nagomi\Core\Shelf\ProductReading;

/** The ingredient book of a salon: the one that ships, and what the salon taught it. */
final class SalonBook
{
    public static function of(Salon $salon): IngredientBook
    {
        $taught = [];
        foreach (TaughtIngredient::query()->where('salon_id', $salon->id)->orderBy('id')->get() as $one) {
            /** @var TaughtIngredient $one */
            $taught[] = [new Ingredient($one->name, array_values(array_filter(array_map(IngredientFunction::tryFrom(...), $one->functions))), $one->strength), $one->also];
        }

        return IngredientBook::with($taught);
    }

    /**
     * Teaches an ingredient, and reads every list of the salon anew in its light.
     *
     * @param list<string> $also
     * @param list<string> $functions
     */
    public static function teach(Salon $salon, string $name, array $also, array $functions, string $strength, string $by): void
    {
        TaughtIngredient::query()->updateOrCreate(['salon_id' => $salon->id, 'name' => $name], ['also' => $also, 'functions' => $functions, 'strength' => $strength, 'by' => $by]);
        self::readAll($salon);
    }

    /** Forgets what was taught of an ingredient; what ships of it, if anything, holds again. */
    public static function forget(Salon $salon, TaughtIngredient $taught): void
    {
        $taught->delete();
        self::readAll($salon);
    }

    private static function readAll(Salon $salon): void
    {
        $book = self::of($salon);
        Product::query()->where('salon_id', $salon->id)->where('ingredients', '!=', '')->each(function (Product $product) use ($book): void {
            $product->update(['reading' => self::read($product->ingredients, $book)]);
        });
    }

    /** @return array<string, mixed> */
    public static function read(string $ingredients, IngredientBook $book): array
    {
        return Listing::of(ProductReading::of($ingredients, $book));
    }
}
