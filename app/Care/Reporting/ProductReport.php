<?php

declare(strict_types=1);

namespace App\Care\Reporting;

use App\Models\Basin;
use App\Models\Salon;
use Illuminate\Support\Facades\DB;

/** What the Basin took off the shelf, by the price of each bottle. */
final class ProductReport
{
    /** @return array{rows: list<array{name: string, kind: string, ml: float, cents: int|null}>, cents: int, washDays: int} */
    public static function of(Salon $salon, Period $period): array
    {
        $rows = [];
        $moves = DB::table('stock_moves')->join('products', 'products.id', '=', 'stock_moves.product_id')->where('stock_moves.salon_id', $salon->id)->where('stock_moves.kind', 'used')
            ->whereBetween('stock_moves.moved_at', [$period->from->utc()->format('Y-m-d H:i:s'), $period->until->addDay()->utc()->format('Y-m-d H:i:s')])
            ->groupBy('products.id', 'products.name', 'products.kind', 'products.price_cents', 'products.size_ml')->orderBy('products.name')
            ->get(['products.name', 'products.kind', 'products.price_cents', 'products.size_ml', DB::raw('-sum(stock_moves.ml) as ml')]);
        foreach ($moves as $move) {
            /** @var object{name: string, kind: string, price_cents: int|null, size_ml: float|null, ml: float} $move */
            $rows[] = ['name' => $move->name, 'kind' => $move->kind, 'ml' => (float) $move->ml, 'cents' => $move->price_cents === null || (float) $move->size_ml <= 0 ? null : (int) round((float) $move->ml * $move->price_cents / (float) $move->size_ml)];
        }

        return ['rows' => $rows, 'cents' => array_sum(array_map(fn (array $row): int => $row['cents'] ?? 0, $rows)), 'washDays' => Basin::query()->where('salon_id', $salon->id)->whereNotNull('finished_at')->whereBetween('date', $period->dates())->count()];
    }
}
