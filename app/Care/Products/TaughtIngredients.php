<?php

declare(strict_types=1);

namespace App\Care\Products;

use App\Bridge\Products\SalonIngredients;
use App\Models\Product;
use App\Models\Salon;
use App\Models\TaughtIngredient;

/** What a salon teaches the ingredient book, and forgets again. */
final readonly class TaughtIngredients
{
    public function __construct(
        private SalonIngredients $salonIngredients,
    ) {
    }

    /**
     * Teaches an ingredient, and reads every list of the salon anew in its light.
     *
     * @param list<string> $also
     * @param list<string> $functions
     */
    public function teach(Salon $salon, string $name, array $also, array $functions, string $strength, string $by): void
    {
        TaughtIngredient::query()->updateOrCreate(
            ['salon_id' => $salon->id, 'name' => $name],
            ['also' => $also, 'functions' => $functions, 'strength' => $strength, 'by' => $by],
        );
        $this->readAnew($salon);
    }

    /** Forgets what was taught of an ingredient; what ships of it, if anything, holds again. */
    public function forget(Salon $salon, TaughtIngredient $taught): void
    {
        $taught->delete();
        $this->readAnew($salon);
    }

    /** Reads every list of the salon as the book stands now: it may have come with a new release. */
    public function readAnew(Salon $salon): void
    {
        $book = $this->salonIngredients->of($salon);
        $products = Product::query()->where('salon_id', $salon->id)->where('ingredients', '!=', '');
        $products->each(function (Product $product) use ($book): void {
            $product->update(['reading' => $this->salonIngredients->read($product->ingredients, $book)]);
        });
    }
}
