<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Head;
use App\Models\Product;
use Illuminate\Database\Eloquent\Collection;
use Nagomi\Core\Products\ProductKind;

/** How long a mask of one client may sit, by the labels of the bottles there are for it. */
final readonly class LabelMinutes
{
    /** @return int|null the longest any of them bears, in minutes; null where one does not say, or none is there */
    public static function ofMasks(Head $head): ?int
    {
        $masks = self::masks($head->salon_id, $head->id);
        // What a client has at home is what a mask is done with.
        $masks = $masks->isEmpty() ? self::masks($head->salon_id, null) : $masks;
        $longest = null;
        foreach ($masks as $mask) {
            if ($mask->label_minutes === null) {
                return null;
            }
            $longest = max($longest ?? 0, $mask->label_minutes);
        }

        return $longest;
    }

    /** Whether a bottle bears a mask of so many minutes; one that does not say is taken at its word. */
    public static function bears(Product $product, float $minutes): bool
    {
        return $product->kind !== ProductKind::Mask->value
            || $product->label_minutes === null
            || $product->label_minutes >= $minutes - 0.01;
    }

    /** @return Collection<int, Product> */
    private static function masks(int $salonId, ?string $headId): Collection
    {
        return Product::query()
            ->where('salon_id', $salonId)
            ->where('head_id', $headId)
            ->where('kind', ProductKind::Mask->value)
            ->whereNull('recalled_on')
            ->get(['id', 'salon_id', 'kind', 'label_minutes']);
    }
}
