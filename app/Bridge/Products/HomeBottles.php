<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Head;
use App\Models\Product;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

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
     * @param float $longestMask minutes of the longest mask that is planned
     *
     * @return array<string, Product> the client's own bottle of each kind, but for those that do not suit or whose label
     *     lets them sit less long than is planned, where there is another
     */
    public function of(Head $head, float $longestMask = 0.0): array
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
            $isBetter = $before === null
                || ! LabelMinutes::bears($before, $longestMask) && LabelMinutes::bears($product, $longestMask);
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
        $longest = max([0.0, ...array_map(
            static fn (Step $step): float => $step->kind === StepKind::Mask ? $step->minutes ?? 0.0 : 0.0,
            $steps,
        )]);
        $bottles = $this->of($head, $longest);

        return $bottles === [] ? $steps : array_map(function (Step $step) use ($bottles): Step {
            $kind = $this->productNeeds->kind([
                'kind' => $step->kind->value,
                'cleanse' => $step->cleanse?->value,
            ]);

            return $step->from($bottles[$kind->value ?? '']->name ?? $step->product);
        }, $steps);
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
