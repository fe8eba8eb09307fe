<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Plans\SalonDays;
use App\Bridge\Plans\StoredSteps;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Product;
use App\Models\Salon;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Products\Dose;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Treatments\StepKind;

/**
 * What the next two weeks take: wash days booked in the salon from its shelf, those at home from the client's own
 * bottles; and what a head has taken so far.
 */
final readonly class ProductNeeds
{
    /** Today is the first of them. */
    public const DAYS = 14;

    public function __construct(
        private HeadRecord $headRecord,
    ) {
    }

    /**
     * @param Collection<int, Product> $products of the salon's shelf
     *
     * @return list<array{kind: string, ml: float, left: float|null}> by kind, those first of which there is too little
     */
    public function of(Salon $salon, Collection $products): array
    {
        $bookings = $this->washDays($salon)->get(['id', 'salon_id', 'head_id', 'date'])->groupBy('head_id');
        /** @var array<string, Head> $heads */
        $heads = Head::query()->whereIn('id', $bookings->keys())->with('zoneParts')->get()->keyBy('id')->all();
        $planned = PlanItem::query()
            ->whereIn('head_id', $bookings->keys())
            ->where('status', 'planned')
            ->get(['id', 'head_id', 'salon_id', 'date', 'steps'])
            ->groupBy('head_id');
        $items = [];
        foreach ($bookings as $head => $of) {
            foreach ($of as $booking) {
                $items[] = PlanItem::near($planned[$head] ?? new Collection(), $booking->date);
            }
        }

        return $this->beside($this->ofItems(array_filter($items), $heads), $products);
    }

    /**
     * Of what nobody noted a bottle of, nothing is known.
     *
     * @return list<array{kind: string, ml: float, left: float|null}> by kind that there is at home, of the days at home
     */
    public function atHome(Head $head): array
    {
        $head->loadMissing(['salon', 'zoneParts']);
        $planned = $head->planItems()->where('status', 'planned')->get();
        $inSalon = SalonDays::of($head, $planned);
        $until = $head->salon->today()->addDays(self::DAYS - 1);
        $atHome = $planned->filter(fn (PlanItem $item): bool => $item->date->lessThanOrEqualTo($until)
            && ! in_array($item->id, $inSalon, true));

        $own = Product::query()->where('head_id', $head->id)->get();

        return $own->isEmpty() ? [] : $this->beside(
            array_intersect_key($this->ofItems($atHome, [$head->id => $head]), $own->keyBy('kind')->all()),
            $own,
        );
    }

    /** @return Builder<Booking> wash days that are booked for these two weeks and still to come */
    private function washDays(Salon $salon): Builder
    {
        $today = $salon->today();

        return Booking::query()
            ->where('salon_id', $salon->id)
            ->where('is_wash_day', true)
            ->whereIn('status', BookingStatus::open())
            ->whereBetween('date', [
                $today->format('Y-m-d'),
                $today->addDays(self::DAYS - 1)->format('Y-m-d'),
            ]);
    }

    /**
     * @param array<string, float>     $needs    mL by kind
     * @param Collection<int, Product> $products to take them from
     *
     * @return list<array{kind: string, ml: float, left: float|null}> left is null where a bottle of the kind is there
     *     and none was ever counted
     */
    private function beside(array $needs, Collection $products): array
    {
        $rows = [];
        foreach ($needs as $kind => $ml) {
            $of = $products->filter(
                fn (Product $product): bool => $product->kind === $kind && $product->recalled_on === null,
            );
            $counted = $of->whereNotNull('left_ml');
            $left = $of->isNotEmpty() && $counted->isEmpty()
                ? null
                : array_sum($counted->map(fn (Product $product): float => $product->left_ml ?? 0.0)->all());
            $rows[] = ['kind' => $kind, 'ml' => round($ml), 'left' => $left === null ? null : round($left)];
        }
        usort($rows, fn (array $a, array $b): int => ($a['left'] ?? INF) - $a['ml'] <=> ($b['left'] ?? INF) - $b['ml']);

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
        $cores = $doses = $needs = [];
        foreach ($items as $item) {
            $head = $heads[$item->head_id] ?? null;
            if ($head === null) {
                continue;
            }
            $core = $cores[$head->id] ??= $this->headRecord->core($head);
            foreach ($this->kinds($item->steps) as [$kind, $times]) {
                $ml = $doses[$head->id][$kind->value] ??= Dose::aSection($kind, $core, $head->density)->headMl();
                $needs[$kind->value] = ($needs[$kind->value] ?? 0.0) + $times * $ml;
            }
        }

        return $needs;
    }

    /**
     * @param list<array<string, mixed>> $steps of a wash day
     *
     * @return array<string, true> kinds of product that it takes
     */
    public function kindsOf(array $steps): array
    {
        return array_fill_keys(array_map(
            static fn (array $of): string => $of[0]->value,
            $this->kinds($steps),
        ), true);
    }

    /**
     * What a wash day uses; hair that comes down to be combed is styled again.
     *
     * @param list<array<string, mixed>> $steps
     *
     * @return list<array{ProductKind, int}> each with how often
     */
    private function kinds(array $steps): array
    {
        $kinds = [];
        $isDetangled = false;
        foreach (StoredSteps::of($steps) as $step) {
            $kind = ProductKind::of($step);
            $isDetangled = $isDetangled || $step->kind === StepKind::Detangle;
            if ($kind !== null) {
                $kinds[] = [$kind, $step->passes];
            }
        }

        return $isDetangled ? [...$kinds, [ProductKind::Styler, 1]] : $kinds;
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
