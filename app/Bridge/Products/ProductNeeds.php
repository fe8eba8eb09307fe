<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Bridge\Clients\HeadRecord;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Product;
use App\Models\Salon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Products\Dose;
use Nagomi\Core\Products\ProductKind;

/** What the wash days planned for the next two weeks take from the shelf, and what a head has taken from it. */
final readonly class ProductNeeds
{
    private const DAYS = 14;

    /** What each planned step uses; a cleanse says which kind itself. */
    private const USES = [
        'pre-wash' => ProductKind::PreWash, 'mild-protein' => ProductKind::Protein,
        'strong-protein' => ProductKind::Protein, 'conditioner' => ProductKind::Conditioner,
        'mask' => ProductKind::Mask,
        'leave-in' => ProductKind::LeaveIn, 'seal' => ProductKind::Oil, 'scalp-oil' => ProductKind::ScalpCare,
    ];

    private const CLEANSES = [
        'co-wash' => ProductKind::CoWash,
        'clarifying' => ProductKind::Clarifier,
        'chelating' => ProductKind::Clarifier,
    ];

    public function __construct(
        private HeadRecord $headRecord,
    ) {
    }

    /**
     * @param Collection<int, Product> $products of the salon's shelf
     *
     * @return list<array{kind: string, ml: float, left: float}> by kind, those first of which there is too little
     */
    public function of(Salon $salon, Collection $products): array
    {
        $today = $salon->today();
        /** @var iterable<PlanItem> $items */
        $items = PlanItem::query()
            ->where('salon_id', $salon->id)
            ->where('status', 'planned')
            ->whereBetween('date', [$today->format('Y-m-d'), $today->addDays(self::DAYS)->format('Y-m-d')])
            ->get(['id', 'head_id', 'salon_id', 'steps']);
        /** @var array<string, Head> $heads */
        $heads = Head::query()->where('salon_id', $salon->id)->with('zoneParts')->get()->keyBy('id')->all();
        $needs = $this->ofItems($items, $heads);
        $rows = [];
        foreach ($needs as $kind => $ml) {
            $left = array_sum(array_map(
                fn (Product $product): float => $product->kind === $kind && $product->recalled_on === null
                    ? $product->left_ml ?? 0.0
                    : 0.0,
                $products->all(),
            ));
            $rows[] = ['kind' => $kind, 'ml' => round($ml), 'left' => round($left)];
        }
        usort($rows, fn (array $a, array $b): int => $a['left'] - $a['ml'] <=> $b['left'] - $b['ml']);

        return $rows;
    }

    /**
     * @param iterable<PlanItem>  $items
     * @param array<string, Head> $heads by id, with their zones
     *
     * @return array<string, float> mL by kind of product
     */
    public function ofItems(iterable $items, array $heads): array
    {
        $doses = $needs = [];
        foreach ($items as $item) {
            $head = $heads[$item->head_id] ?? null;
            foreach ($head === null ? [] : $item->steps as $step) {
                $kind = $this->kind($step);
                if ($kind !== null && $head !== null) {
                    $doses[$head->id][$kind->value] ??= Dose::aSection(
                        $kind,
                        $this->headRecord->core($head),
                        $head->density,
                    )->headMl();
                    $needs[$kind->value] = ($needs[$kind->value] ?? 0.0) + $doses[$head->id][$kind->value] * (
                        is_int($step['passes'] ?? null) ? $step['passes'] : 1
                    );
                }
            }
        }

        return $needs;
    }

    /** @param array<string, mixed> $step */
    public function kind(array $step): ?ProductKind
    {
        $text = fn (string $name): string => is_string($step[$name] ?? null) ? $step[$name] : '';

        return $text('kind') === 'cleanse'
            ? self::CLEANSES[$text('cleanse')] ?? ProductKind::Shampoo
            : self::USES[$text('kind')] ?? null;
    }

    /** What the products used on a head at the wash cost, in cents, by the price of each bottle. */
    public function spentOn(Head $head): int
    {
        $spent = DB::table('stock_moves')->join(
            'wash_sessions',
            'wash_sessions.id',
            '=',
            'stock_moves.wash_session_id',
        )->join('products', 'products.id', '=', 'stock_moves.product_id')
            ->where(
                'wash_sessions.head_id',
                $head->id,
            )->where('stock_moves.kind', 'used')->where('products.size_ml', '>', 0)
            ->selectRaw('sum(-stock_moves.ml * products.price_cents / products.size_ml) as cents')->value('cents');

        return is_numeric($spent) ? (int) round((float) $spent) : 0;
    }
}
