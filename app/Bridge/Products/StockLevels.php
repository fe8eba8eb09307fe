<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Product;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Products\Stock;
use Nagomi\Core\Treatments\Calendar;

/** What is left of a product, and how fast it goes. */
final readonly class StockLevels
{
    /** What is used in a day is told from so many days back. */
    private const LOOKED_BACK_DAYS = 60;

    /**
     * @param list<string> $ids
     *
     * @return array<string, float> mL a day by product, over the last weeks; those nothing was used of are left out
     */
    public function useADay(array $ids): array
    {
        $used = DB::table('stock_moves')
            ->whereIn('product_id', $ids)
            ->where('kind', 'used')
            ->where('moved_at', '>=', now()->subDays(self::LOOKED_BACK_DAYS))
            ->groupBy('product_id')->selectRaw(
                'product_id, -sum(ml) as ml, datediff(now(), min(moved_at)) + 1 as days',
            )->get();
        $aDay = [];
        foreach ($used as $row) {
            $row = (array) $row;
            if (
                is_string($row['product_id'] ?? null)
                    && is_numeric($row['ml'] ?? null)
                    && is_numeric($row['days'] ?? null)
                    && $row['ml'] > 0
            ) {
                $aDay[$row['product_id']] = (float) $row['ml'] / max(7.0, (float) $row['days']);
            }
        }

        return $aDay;
    }

    public function of(Product $product): Stock
    {
        return new Stock(
            $product->left_ml ?? 0.0,
            $product->opened_on === null ? null : Calendar::dayOf($product->opened_on),
            $product->months_open,
            $product->made_on === null ? null : Calendar::dayOf($product->made_on),
            $product->keeps_days,
        );
    }
}
