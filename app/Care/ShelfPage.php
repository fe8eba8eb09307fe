<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use App\Models\Product;
use App\Models\Reaction;
use App\Models\Salon;
use Illuminate\Support\Collection;
use Nagomi\Core\Air\DewPoint;
use Nagomi\Core\Shelf\Allergies;
use Nagomi\Core\Shelf\Claim;
use Nagomi\Core\Shelf\Dose;
use Nagomi\Core\Shelf\IngredientBook;
use Nagomi\Core\Shelf\ProductKind;
use Nagomi\Core\Shelf\ProductReading;
use Nagomi\Core\Shelf\Suitability;
use Nagomi\Core\Shelf\Verdict;
use Nagomi\Core\Shelf\Wearer;

/** What the Shelf shows: each product as it really is, how much of it is left, and who must not have it. */
final class ShelfPage
{
    /** Indoors it is about so warm; the dew point follows from the humidity of the day. */
    private const ROOM_CELSIUS = 20.0;

    /** Below so many days left a product is to be ordered. */
    private const REORDER_DAYS = 14;

    /** @return array<string, mixed> */
    public static function list(Salon $salon): array
    {
        /** @var Collection<int, Product> $byName */
        $byName = Product::query()->where('salon_id', $salon->id)->whereNull('head_id')->orderBy('name')->get();
        $products = $byName->sortBy(fn (Product $product): int => self::place($product->kind));
        $useADay = Stockroom::useADay(array_values($products->pluck('id')->all()));
        $today = HeadRecord::date($salon->today());
        $rows = $products->values()->map(fn (Product $product): array => self::row($product, $useADay[$product->id] ?? 0.0, $today));

        return ['rows' => $rows, 'reorder' => $rows->filter(fn (array $row): bool => $row['reorder'])->values(), 'needs' => ShelfNeeds::of($salon, $products)];
    }

    /** Where a kind stands in the order of a wash day. */
    private static function place(string $kind): int
    {
        return (int) array_search(ProductKind::tryFrom($kind), ProductKind::cases(), true);
    }

    /** @return array{product: Product, left: float|null, days_left: int|null, good_until: \DateTimeImmutable|null, past: bool, reorder: bool, what: string} */
    private static function row(Product $product, float $mlADay, \DateTimeImmutable $today): array
    {
        $stock = Stockroom::of($product);
        $daysLeft = $product->left_ml === null ? null : $stock->daysLeft($mlADay);
        $until = $stock->goodUntil();

        return [
            'product' => $product,
            'left' => $product->left_ml,
            'days_left' => $daysLeft,
            'good_until' => $until,
            'past' => $until !== null && $until < $today,
            'reorder' => $product->left_ml === 0.0 || $daysLeft !== null && $daysLeft < self::REORDER_DAYS,
            'what' => self::inWords($product->reading),
        ];
    }

    /** @param array<string, mixed> $reading */
    public static function inWords(array $reading): string
    {
        $loads = is_array($reading['loads'] ?? null) ? $reading['loads'] : [];
        $words = [];
        foreach (['surfactant_strength' => 'surfactants', 'protein_strength' => 'protein'] as $key => $word) {
            if (is_string($reading[$key] ?? null) && $reading[$key] !== 'none') {
                $words[] = str_replace('-', ' ', $reading[$key]) . " {$word}";
            }
        }
        foreach (['clay', 'penetrating_oil', 'mixed_oil', 'butter', 'sealing_oil', 'silicone', 'film_former', 'humectant', 'chelator', 'drying_alcohol'] as $load) {
            if (isset($loads[$load])) {
                $words[] = Words::of("product_loads.{$load}");
            }
        }

        return $words === [] ? 'nothing that is known yet' : implode(', ', $words);
    }

    /** @return array<string, mixed> */
    public static function of(Product $product, Salon $salon): array
    {
        $book = SalonBook::of($salon);
        $reading = $product->ingredients === '' ? null : ProductReading::of($product->ingredients, $book);
        $reactions = Reaction::query()->where('salon_id', $salon->id)->where('product_id', $product->id)->pluck('head_id')->flip();
        // Nothing else can make a product one that a head must not have.
        $heads = Head::query()->where('salon_id', $salon->id)->where(fn ($query) => $query->whereNotNull('allergies')->orWhere('protein_sensitive', true)->orWhere('sore_scalp', true)->orWhereIn('id', $reactions->keys()->all()))
            ->with(['zoneParts'])->orderBy('name')->get();
        $against = [];
        foreach ($heads as $head) {
            /** @var Head $head */
            if ($reading === null) {
                break;
            }
            $told = Suitability::of($reading, ProductKind::from($product->kind), self::wearer($head, $salon, $book), $book);
            $reasons = array_values(array_map(fn (array $reason): string => $reason[1], array_filter($told['reasons'], fn (array $reason): bool => $reason[0] === Verdict::No)));
            if (isset($reactions[$head->id])) {
                $reasons[] = 'She reacted to it before.';
            }
            if ($reasons !== []) {
                $against[] = ['head' => $head, 'reasons' => $reasons];
            }
        }

        return [
            'product' => $product,
            'reading' => $product->reading,
            'disagrees' => $reading === null ? [] : array_values(array_filter(array_map(fn (string $claim): ?string => Claim::tryFrom($claim)?->contradiction($reading), $product->claims))),
            'against' => $against,
            'row' => self::row($product, Stockroom::useADay([$product->id])[$product->id] ?? 0.0, HeadRecord::date($salon->today())),
            'moves' => $product->moves()->limit(12)->get(),
        ];
    }

    public static function wearer(Head $head, Salon $salon, IngredientBook $book): Wearer
    {
        $humidity = Weather::year($salon)[$salon->today()->format('m-d')] ?? $head->humidity_percent;

        return new Wearer(
            HeadRecord::core($head),
            Allergies::of((string) $head->allergies, $book),
            $head->asthma_or_pregnant || $head->isMinor($salon->today()),
            DewPoint::celsius(self::ROOM_CELSIUS, max(1.0, $humidity)),
        );
    }

    /** @return array<string, mixed> every product for one head, what suits first, by kind; and what of the same kind could stand in */
    public static function forHead(Head $head, Salon $salon): array
    {
        $book = SalonBook::of($salon);
        $wearer = self::wearer($head->loadMissing('zoneParts'), $salon, $book);
        /** @var Collection<int, Product> $products */
        $products = Product::query()->where('salon_id', $salon->id)->where(fn ($query) => $query->whereNull('head_id')->orWhere('head_id', $head->id))->where('ingredients', '!=', '')->orderBy('name')->get();
        /** @var Collection<int, Reaction> $reactions */
        $reactions = Reaction::query()->where('head_id', $head->id)->with('product:id,name')->orderByDesc('on')->get();
        $rows = $products->map(function (Product $product) use ($wearer, $book, $head, $reactions): array {
            $told = Suitability::of(ProductReading::of($product->ingredients, $book), ProductKind::from($product->kind), $wearer, $book);
            $dose = Dose::aSection(ProductKind::from($product->kind), $wearer->head, $head->density);
            $reacted = $reactions->contains(fn (Reaction $reaction): bool => $reaction->product_id === $product->id || $reaction->ingredient !== null && stripos($product->ingredients, $reaction->ingredient) !== false);
            $reasons = [...$reacted ? [[Verdict::No, 'She reacted to it, or to what is in it, before.']] : [], ...$product->recalled_on !== null ? [[Verdict::No, "Recalled: {$product->recalled_because}."]] : [], ...$told['reasons']];

            return [
                'product' => $product,
                'verdict' => ($reacted || $product->recalled_on !== null ? Verdict::No : $told['verdict'])->value,
                'reasons' => array_map(fn (array $reason): array => ['verdict' => $reason[0]->value, 'says' => $reason[1]], $reasons),
                'dose' => $dose,
                'pumps' => $product->pump_ml === null ? null : $dose->pumps($product->pump_ml),
                'cost_cents' => $product->price_cents === null || ($product->size_ml ?? 0.0) <= 0 ? null : (int) round($product->price_cents * $dose->headMl() / $product->size_ml),
                'in_stock' => ($product->left_ml ?? 0.0) >= $dose->headMl(),
            ];
        });
        $order = ['good' => 0, 'with-care' => 1, 'no' => 2];

        return [
            'head' => $head,
            'kinds' => $rows->sortBy(fn (array $row): array => [$order[$row['verdict']], $row['in_stock'] ? 0 : 1, $row['cost_cents'] ?? PHP_INT_MAX])->groupBy(fn (array $row): string => $row['product']->kind)->sortKeysUsing(fn (string $a, string $b): int => self::place($a) <=> self::place($b)),
            'reactions' => $reactions,
            'products' => $products,
            'spent_cents' => ShelfNeeds::spentOn($head),
        ];
    }
}
