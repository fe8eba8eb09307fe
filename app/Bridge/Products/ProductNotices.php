<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Head;
use App\Models\Product;
use App\Wording\Said;
use App\Wording\Words;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\InvalidIngredientList;
use Nagomi\Core\Products\ProductAnalysis;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Products\Suitability;
use Nagomi\Core\Products\SuitabilityVerdict;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/** What the products of a wash day, the salon's or the client's own at home, say that the steps do not. */
final readonly class ProductNotices
{
    public function __construct(
        private ProductFit $productFit,
        private SalonIngredients $salonIngredients,
        private Parameters $parameters,
    ) {
    }

    /**
     * @return list<string> a sentence each
     *
     * @throws InvalidIngredientList when a list that is kept cannot be read
     */
    public function of(Head $head, WashDay $day): array
    {
        $names = array_values(array_filter(array_map(fn (Step $step): ?string => $step->product, $day->steps)));
        if ($names === []) {
            return [];
        }
        $protein = array_filter($day->steps, fn (Step $step): bool => $step->kind->isProtein()) !== [];
        $book = $this->salonIngredients->of($head->salon);
        $wearer = $this->productFit->wearer($head->loadMissing('zoneParts'), $head->salon, $book);
        $notices = [];
        /** @var iterable<Product> $products */
        $products = $this->choice($head)->whereIn('name', $names);
        foreach ($products as $product) {
            if ($product->ingredients === '') {
                continue;
            }
            $reading = ProductAnalysis::of($product->ingredients, $book, $this->parameters->products);
            $told = Suitability::of($reading, ProductKind::from($product->kind), $wearer, $book);
            foreach ($told['reasons'] as [$verdict, $sentence]) {
                if ($verdict === SuitabilityVerdict::No) {
                    $notices[] = Words::say(
                        'bottles.not-for',
                        ['name' => $product->name, 'why' => Said::of($sentence)],
                    );
                }
            }
            $kinds = array_map(
                fn (Step $step): ?StepKind => $step->product === $product->name ? $step->kind : null,
                $day->steps,
            );
            if (
                ! $protein
                    && in_array($reading->proteinStrength(), ['strong', 'mild-to-strong'], true)
                    && (in_array(StepKind::Mask, $kinds, true) || in_array(StepKind::Conditioner, $kinds, true))
            ) {
                $notices[] = Words::say('bottles.brings-protein', ['name' => $product->name]);
            }
        }

        return $notices;
    }

    /** @return \Illuminate\Support\Collection<int, Product> the client's first, then the salon's */
    public function choice(Head $head): \Illuminate\Support\Collection
    {
        /** @var \Illuminate\Support\Collection<int, Product> */
        return Product::query()
            ->where('salon_id', $head->salon_id)
            ->where(fn ($query) => $query->whereNull('head_id')->orWhere('head_id', $head->id))
            ->orderByRaw('head_id is null')
            ->orderBy('name')
            ->get(['id', 'salon_id', 'head_id', 'name', 'kind', 'ingredients']);
    }
}
