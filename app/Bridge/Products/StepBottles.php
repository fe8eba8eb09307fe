<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Head;
use App\Models\Product;
use App\Models\Salon;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\BottleReading;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Treatments\BottleContents;
use Nagomi\Core\Treatments\Step;

/** What the bottles of steps hold, by the salon's shelf and the client's own. */
final readonly class StepBottles
{
    public function __construct(
        private Parameters $parameters,
        private SalonIngredients $salonIngredients,
    ) {
    }

    /**
     * @param list<Step> $steps as they were done
     *
     * @return list<Step> the same, each with what its bottle holds; one whose bottle is not on a shelf stays as it is
     */
    public function known(Head $head, array $steps): array
    {
        $names = array_filter(array_map(static fn (Step $step): ?string => $step->product, $steps));
        $bottles = $names === [] ? [] : $this->byName($head, array_values(array_unique($names)));

        return array_map(
            static fn (Step $step): Step => $step->contents === null && isset($bottles[$step->product ?? ''])
                ? $step->with($bottles[$step->product ?? ''])
                : $step,
            $steps,
        );
    }

    /** @return BottleContents|null null where it has no list, or one that cannot be read or is hardly known */
    public function contents(Product $product, IngredientBook $book): ?BottleContents
    {
        $reading = $this->salonIngredients->analysis($product, $book);

        return $reading === null || $reading->isMostlyUnknown()
            ? null
            : BottleReading::contents($reading, $this->parameters->contents, $product->label_minutes);
    }

    /**
     * @param list<string> $names
     *
     * @return array<string, BottleContents> the client's own before the salon's
     */
    private function byName(Head $head, array $names): array
    {
        /** @var Salon $salon */
        $salon = $head->loadMissing('salon')->salon;
        $book = $this->salonIngredients->of($salon);
        /** @var Collection<int, Product> $products */
        $products = Product::query()
            ->where('salon_id', $head->salon_id)
            ->where(static fn ($query) => $query->whereNull('head_id')->orWhere('head_id', $head->id))
            ->whereIn('name', $names)
            ->orderByRaw('head_id is not null')
            ->orderBy('id')
            ->get();
        $bottles = [];
        foreach ($products as $product) {
            $bottles[$product->name] = $this->contents($product, $book);
        }

        return array_filter($bottles);
    }
}
