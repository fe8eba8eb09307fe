<?php

declare(strict_types=1);

namespace App\Pages\Reports;

use App\Models\Salon;
use App\Models\WashSession;
use Illuminate\Support\Facades\DB;

/** What the wash took off the shelf, by the price of each bottle. */
final readonly class ProductReport
{
    /**
     * @return array{
     *     rows: list<array{name: string, kind: string, ml: float, cents: int|null}>, cents: int, washDays: int,
     * }
     */
    public function of(Salon $salon, ReportPeriod $period): array
    {
        $rows = array_map($this->row(...), $this->moves($salon, $period));

        return [
            'rows' => $rows,
            'cents' => array_sum(array_map(fn (array $row): int => $row['cents'] ?? 0, $rows)),
            'washDays' => WashSession::query()
                ->where('salon_id', $salon->id)
                ->whereNotNull('finished_at')
                ->whereBetween('date', $period->dates())
                ->count(),
        ];
    }

    /** @return list<object{name: string, kind: string, price_cents: int|null, size_ml: float|null, ml: float}> */
    private function moves(Salon $salon, ReportPeriod $period): array
    {
        /**
         * @var list<object{name: string, kind: string, price_cents: int|null, size_ml: float|null, ml: float}> $moves
         */
        $moves = DB::table('stock_moves')
            ->join('products', 'products.id', '=', 'stock_moves.product_id')
            ->where('stock_moves.salon_id', $salon->id)
            ->where('stock_moves.kind', 'used')
            ->whereBetween(
                'stock_moves.moved_at',
                [$period->from->utc()->format('Y-m-d H:i:s'), $period->until->addDay()->utc()->format('Y-m-d H:i:s')],
            )
            ->groupBy(
                'products.id',
                'products.name',
                'products.kind',
                'products.price_cents',
                'products.size_ml',
            )->orderBy('products.name')
            ->get([
                'products.name', 'products.kind', 'products.price_cents', 'products.size_ml',
                DB::raw('-sum(stock_moves.ml) as ml'),
            ])
            ->values()
            ->all();

        return $moves;
    }

    /**
     * @param object{name: string, kind: string, price_cents: int|null, size_ml: float|null, ml: float} $move
     *
     * @return array{name: string, kind: string, ml: float, cents: int|null}
     */
    private function row(object $move): array
    {
        return [
            'name' => $move->name,
            'kind' => $move->kind,
            'ml' => (float) $move->ml,
            'cents' => $move->price_cents === null || (float) $move->size_ml <= 0
                ? null
                : (int) round((float) $move->ml * $move->price_cents / (float) $move->size_ml),
        ];
    }
}
