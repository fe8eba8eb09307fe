<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Booking;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Product;
use App\Models\Salon;
use Illuminate\Support\Collection;

/** What the wash days booked for a day take from the shelf, where there is not enough of it. */
final readonly class DayStock
{
    public function __construct(
        private ProductNeeds $productNeeds,
    ) {
    }

    /**
     * @param Collection<int, Booking>  $bookings
     * @param array<string, PlanItem>   $items
     *
     * @return list<array{kind: string, ml: float, left: float}>
     */
    public function short(Salon $salon, Collection $bookings, array $items): array
    {
        $washed = $bookings->filter(fn (Booking $booking): bool => $booking->is_wash_day && $booking->status->isOpen());
        /** @var array<string, Head> $heads */
        $heads = $washed->pluck('head', 'head_id')->all();
        $needs = $this->productNeeds->ofItems(array_values(array_intersect_key($items, $heads)), $heads);
        if ($needs === []) {
            return [];
        }
        $left = Product::query()
            ->where('salon_id', $salon->id)
            ->whereNull('head_id')
            ->whereNull('recalled_on')
            ->whereIn('kind', array_keys($needs))
            ->groupBy('kind')
            ->selectRaw('kind, sum(left_ml) as ml')
            ->pluck('ml', 'kind');
        $short = [];
        foreach ($needs as $kind => $ml) {
            $there = is_numeric($left[$kind] ?? null) ? (float) $left[$kind] : 0.0;
            if ($there < $ml) {
                $short[] = ['kind' => $kind, 'ml' => round($ml), 'left' => round($there)];
            }
        }

        return $short;
    }
}
