<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Booking;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Product;
use App\Models\Salon;
use Illuminate\Support\Collection;

/**
 * What the wash days booked for a day take from the shelf, where there is not enough of it. Of a salon that keeps no
 * products nothing is known, nor of a kind with a bottle nobody knows the fill of.
 */
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
     * @return list<array{kind: string, ml: float, left: ?float}> left null where no bottle of that kind was noted
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
        $shelf = $this->shelf($salon);
        if ($shelf === []) {
            return [];
        }
        $short = [];
        foreach ($needs as $kind => $ml) {
            $there = array_key_exists($kind, $shelf) ? $shelf[$kind] : 0.0;
            if ($there !== null && $there < $ml) {
                $short[] = [
                    'kind' => $kind,
                    'ml' => round($ml),
                    'left' => isset($shelf[$kind]) ? round($there) : null,
                ];
            }
        }

        return $short;
    }

    /** @return array<string, ?float> mL left by kind; null where nobody knows how full one of its bottles is */
    private function shelf(Salon $salon): array
    {
        $kinds = Product::query()
            ->where('salon_id', $salon->id)
            ->whereNull('head_id')
            ->whereNull('recalled_on')
            ->groupBy('kind')
            ->toBase()
            ->selectRaw('kind, sum(left_ml) as ml, count(*) - count(left_ml) as unread')
            ->get();
        $left = [];
        foreach ($kinds as $row) {
            if (is_string($row->kind)) {
                $isKnown = is_numeric($row->unread) && (int) $row->unread === 0 && is_numeric($row->ml);
                $left[$row->kind] = $isKnown ? (float) $row->ml : null;
            }
        }

        return $left;
    }
}
