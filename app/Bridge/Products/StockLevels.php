<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Product;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Products\Stock;
use Nagomi\Core\Products\UsePace;
use Nagomi\Core\Treatments\Calendar;

/** What is left of a product, and how fast it goes. */
final readonly class StockLevels
{
    /** What is used in a day is told from so many days back. */
    private const LOOKED_BACK_DAYS = 60;

    /**
     * @param list<string> $ids
     *
     * @return array<string, float> mL a day by product, over the last weeks; those used on fewer than two days are left out
     */
    public function useADay(array $ids): array
    {
        $used = DB::table('stock_moves')
            ->whereIn('product_id', $ids)
            ->where('kind', 'used')
            ->where('moved_at', '>=', now()->subDays(self::LOOKED_BACK_DAYS))
            ->groupBy('product_id', 'ago')
            ->selectRaw('product_id, datediff(?, moved_at) as ago, -sum(ml) as ml', [now()->format('Y-m-d')])
            ->get();
        $byDay = [];
        foreach ($used as $row) {
            $row = (array) $row;
            if (
                is_string($row['product_id'] ?? null)
                    && is_numeric($row['ago'] ?? null)
                    && is_numeric($row['ml'] ?? null)
            ) {
                $byDay[$row['product_id']][-(int) $row['ago']] = (float) $row['ml'];
            }
        }

        return array_filter(
            array_map(fn (array $ml): ?float => UsePace::mlADay($ml, 0), $byDay),
            fn (?float $mlADay): bool => $mlADay !== null,
        );
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
