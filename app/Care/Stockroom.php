<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Product;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Shelf\Stock;

/** What is left of each product, and every act that changed it. Never below zero. */
final class Stockroom
{
    /** What is used in a day is told from so many days back. */
    private const LOOKED_BACK_DAYS = 60;

    public static function counted(Product $product, float $leftMl, string $by): void
    {
        self::move($product, 'counted', $leftMl - ($product->left_ml ?? 0.0), $by);
    }

    public static function bought(Product $product, float $ml, string $by): void
    {
        self::move($product, 'bought', $ml, $by);
    }

    /**
     * Takes what was used off the shelf, once for each key.
     *
     * @return float how much there was to take: less than asked for where the bottle said more than it held
     */
    public static function used(Product $product, float $ml, string $by, string $key, ?string $basinId = null): float
    {
        return self::move($product, 'used', -$ml, $by, $key, $basinId);
    }

    private static function move(Product $product, string $kind, float $ml, string $by, ?string $key = null, ?string $basinId = null): float
    {
        return DB::transaction(function () use ($product, $kind, $ml, $by, $key, $basinId): float {
            // Two hands at one bottle: the second waits for the first.
            /** @var Product $locked */
            $locked = Product::query()->whereKey($product->id)->lockForUpdate()->sole();
            if ($key !== null && $locked->moves()->where('key', $key)->exists()) {
                return 0.0;
            }
            $before = $locked->left_ml ?? 0.0;
            $after = max(0.0, $before + $ml);
            $locked->moves()->create(['salon_id' => $locked->salon_id, 'kind' => $kind, 'ml' => $after - $before, 'left_ml' => $after, 'by' => $by, 'key' => $key, 'basin_id' => $basinId, 'moved_at' => now()]);
            $locked->update(['left_ml' => round($after, 2)]);
            $product->refresh();

            return $before - $after;
        });
    }

    /**
     * @param list<string> $ids
     *
     * @return array<string, float> mL a day by product, over the last weeks; those nothing was used of are left out
     */
    public static function useADay(array $ids): array
    {
        $used = DB::table('stock_moves')->whereIn('product_id', $ids)->where('kind', 'used')->where('moved_at', '>=', now()->subDays(self::LOOKED_BACK_DAYS))
            ->groupBy('product_id')->selectRaw('product_id, -sum(ml) as ml, datediff(now(), min(moved_at)) + 1 as days')->get();
        $aDay = [];
        foreach ($used as $row) {
            $row = (array) $row;
            if (is_string($row['product_id'] ?? null) && is_numeric($row['ml'] ?? null) && is_numeric($row['days'] ?? null) && $row['ml'] > 0) {
                $aDay[$row['product_id']] = (float) $row['ml'] / max(7.0, (float) $row['days']);
            }
        }

        return $aDay;
    }

    public static function of(Product $product): Stock
    {
        return new Stock(
            $product->left_ml ?? 0.0,
            $product->opened_on === null ? null : HeadRecord::date($product->opened_on),
            $product->months_open,
            $product->made_on === null ? null : HeadRecord::date($product->made_on),
            $product->keeps_days,
        );
    }
}
