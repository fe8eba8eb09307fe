<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Head;
use App\Models\Product;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Treatments\Step;

/**
 * The bottles a client has at home that suit the hair: what the home routine names, and what a tick on it was done
 * with.
 */
final readonly class HomeBottles
{
    public function __construct(
        private ProductFit $productFit,
        private ProductNeeds $productNeeds,
    ) {
    }

    /**
     * @param array<string, float> $longest minutes that are planned, the most by kind of product
     *
     * @return array<string, Product> the client's own bottle of each kind, but for those that do not suit or whose label
     *     lets them sit less long than is planned, where there is another
     */
    public function of(Head $head, array $longest = []): array
    {
        if (Product::query()->where('head_id', $head->id)->doesntExist()) {
            return [];
        }
        $bottles = [];
        $unsuited = $this->unsuited($head);
        /** @var iterable<Product> $own */
        $own = Product::query()->where('head_id', $head->id)->whereNull('recalled_on')->orderBy('name')->get();
        foreach ($own as $product) {
            $before = $bottles[$product->kind] ?? null;
            $sits = $longest[$product->kind] ?? 0.0;
            $isBetter = $before === null
                || ! LabelMinutes::bears($before, $sits) && LabelMinutes::bears($product, $sits);
            if ($isBetter && ProductKind::tryFrom($product->kind) !== null && ! isset($unsuited[$product->id])) {
                $bottles[$product->kind] = $product;
            }
        }

        return $bottles;
    }

    /**
     * @param list<Step> $steps as planned
     *
     * @return list<Step> the same, each with the bottle the home routine names for it
     */
    public function in(Head $head, array $steps): array
    {
        $kinds = array_map(fn (Step $step): string => $this->productNeeds->kind([
            'kind' => $step->kind->value,
            'cleanse' => $step->cleanse?->value,
        ])->value ?? '', $steps);
        $longest = [];
        foreach ($steps as $i => $step) {
            $longest[$kinds[$i]] = max($longest[$kinds[$i]] ?? 0.0, $step->minutes ?? 0.0);
        }
        $bottles = $this->of($head, $longest);

        return array_map(
            static fn (Step $step, string $kind): Step => $step->from($bottles[$kind]->name ?? $step->product),
            $steps,
            $kinds,
        );
    }

    /** @return array<string, true> by product */
    private function unsuited(Head $head): array
    {
        $unsuited = [];
        foreach ($this->productFit->forHead($head, $head->salon)->kinds as $rows) {
            foreach ($rows as $row) {
                if ($row['verdict'] === 'no') {
                    $unsuited[$row['product']->id] = true;
                }
            }
        }

        return $unsuited;
    }
}
