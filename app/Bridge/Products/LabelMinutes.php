<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Head;
use App\Models\Product;
use Illuminate\Database\Eloquent\Collection;
use Nagomi\Core\Products\ProductKind;

/** How long masks and protein of one client may sit, by the labels of the bottles there are for it. */
final readonly class LabelMinutes
{
    /** What sits by its label. */
    public const KINDS = [ProductKind::Mask, ProductKind::Protein];

    /**
     * @return array<string, int> the longest any bottle of a kind bears, in minutes, by kind; left out where one does
     *     not say, or none is there
     */
    public static function of(Head $head): array
    {
        $bottles = self::bottles($head);
        $longest = [];
        foreach (self::KINDS as $kind) {
            $of = $bottles->where('kind', $kind->value);
            // What a client has at home is what is done with.
            $own = $of->whereNotNull('head_id');
            $minutes = ($own->isEmpty() ? $of : $own)->map(
                static fn (Product $product): ?int => $product->label_minutes,
            )->all();
            if ($minutes !== [] && ! in_array(null, $minutes, true)) {
                $longest[$kind->value] = max($minutes);
            }
        }

        return $longest;
    }

    /** Whether a bottle bears so many minutes; one that does not say is taken at its word. */
    public static function bears(Product $product, float $minutes): bool
    {
        return ! in_array(ProductKind::tryFrom($product->kind), self::KINDS, true)
            || $product->label_minutes === null
            || $product->label_minutes >= $minutes - 0.01;
    }

    /** @return Collection<int, Product> */
    private static function bottles(Head $head): Collection
    {
        return Product::query()
            ->where('salon_id', $head->salon_id)
            ->where(static fn ($query) => $query->whereNull('head_id')->orWhere('head_id', $head->id))
            ->whereIn('kind', array_column(self::KINDS, 'value'))
            ->whereNull('recalled_on')
            ->get(['id', 'salon_id', 'head_id', 'kind', 'label_minutes']);
    }
}
