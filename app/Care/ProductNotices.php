<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use App\Models\Product;
use Nagomi\Core\Shelf\ProductKind;
use Nagomi\Core\Shelf\ProductReading;
use Nagomi\Core\Shelf\Suitability;
use Nagomi\Core\Shelf\Verdict;
use Nagomi\Core\Treatment\Step;
use Nagomi\Core\Treatment\StepKind;
use Nagomi\Core\Treatment\WashDay;

/** What the products of a wash day, the salon's or her own at home, say that the steps do not. */
final class ProductNotices
{
    /** @return list<string> a sentence each */
    public static function of(Head $head, WashDay $day): array
    {
        $names = array_values(array_filter(array_map(fn (Step $step): ?string => $step->product, $day->steps)));
        if ($names === []) {
            return [];
        }
        $protein = array_filter($day->steps, fn (Step $step): bool => $step->kind->isProtein()) !== [];
        $book = SalonBook::of($head->salon);
        $wearer = ShelfPage::wearer($head->loadMissing('zoneParts'), $head->salon, $book);
        $notices = [];
        /** @var iterable<Product> $products */
        $products = self::choice($head)->whereIn('name', $names);
        foreach ($products as $product) {
            if ($product->ingredients === '') {
                continue;
            }
            $reading = ProductReading::of($product->ingredients, $book);
            $told = Suitability::of($reading, ProductKind::from($product->kind), $wearer, $book);
            foreach ($told['reasons'] as [$verdict, $sentence]) {
                if ($verdict === Verdict::No) {
                    $notices[] = "{$product->name} is not for her. {$sentence}";
                }
            }
            $kinds = array_map(fn (Step $step): ?StepKind => $step->product === $product->name ? $step->kind : null, $day->steps);
            if (! $protein && in_array($reading->proteinStrength(), ['strong', 'mild-to-strong'], true) && (in_array(StepKind::Mask, $kinds, true) || in_array(StepKind::Conditioner, $kinds, true))) {
                $notices[] = "{$product->name} holds protein of its own; book it as protein too, or the balance does not hear of it.";
            }
        }

        return $notices;
    }

    /** @return \Illuminate\Support\Collection<int, Product> hers first, then the salon's */
    public static function choice(Head $head): \Illuminate\Support\Collection
    {
        /** @var \Illuminate\Support\Collection<int, Product> */
        return Product::query()->where('salon_id', $head->salon_id)->where(fn ($query) => $query->whereNull('head_id')->orWhere('head_id', $head->id))->orderByRaw('head_id is null')->orderBy('name')->get(['id', 'salon_id', 'head_id', 'name', 'kind', 'ingredients']);
    }
}
