<?php

declare(strict_types=1);

namespace App\Pages\Wash;

use App\Bridge\Plans\Outlooks;
use App\Bridge\Products\ProductNotices;
use App\Models\Head;
use App\Models\Product;
use App\Wording\Words;

/** The form for a wash day that was done elsewhere, or before. */
final readonly class PastWashDaysScreen
{
    public function __construct(
        private Outlooks $outlooks,
        private ProductNotices $productNotices,
    ) {
    }

    public function of(Head $head): PastWashDaysPage
    {
        $this->outlooks->current($head->load(['salon', 'outlook']));

        return new PastWashDaysPage(
            head: $head,
            today: $head->salon->today(),
            planned: $head->planItems()->where('status', 'planned')->first(),
            products: $this->productNotices
                ->choice($head)
                ->mapWithKeys(
                    fn (Product $product): array => [
                        $product->name => $product->head_id === null
                            ? $product->name
                            : Words::say('past-washes.their-own', ['name' => $product->name]),
                    ],
                )
                ->all(),
            recent: $head->washDays()->with('steps')->reorder('date', 'desc')->orderByDesc('id')->limit(5)->get(),
        );
    }
}
