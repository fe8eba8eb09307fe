<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Product;
use App\Models\Salon;
use App\Wording\Money;
use App\Wording\Words;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\BottleLikeness;
use Nagomi\Core\Products\BottleProfile;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Treatments\Content;

/**
 * What costs less than a bottle and could stand in for it: by what it holds and how it slips, not by its kind alone.
 * What of the kind costs less and is not like it is named with what it lacks.
 */
final readonly class CheaperAlike
{
    /** Price is compared over so much. */
    private const PER_ML = 100.0;

    public function __construct(
        private SalonIngredients $salonIngredients,
        private Parameters $parameters,
    ) {
    }

    /**
     * @return list<array{
     *     product: Product, alike: bool, price: string, says: string,
     * }> those alike first, then the cheaper first
     */
    public function of(Product $product, Salon $salon): array
    {
        $instead = self::cents($product);
        $book = $this->salonIngredients->of($salon);
        $profile = $instead === null ? null : $this->profile($product, $book);
        if ($instead === null || $profile === null) {
            return [];
        }
        /** @var Collection<int, Product> $others */
        $others = Product::query()
            ->where('salon_id', $salon->id)
            ->whereNull('head_id')
            ->whereNull('recalled_on')
            ->where('kind', $product->kind)
            ->whereKeyNot($product->id)
            ->orderBy('name')
            ->get();
        $found = [];
        foreach ($others as $other) {
            $cents = self::cents($other);
            $beside = $cents === null || $cents >= $instead ? null : $this->profile($other, $book);
            if ($cents !== null && $beside !== null) {
                $likeness = BottleLikeness::of($profile, $beside, $this->parameters->contents);
                $found[] = [$cents, [
                    'product' => $other,
                    'alike' => $likeness->isAlike(),
                    'price' => Words::say('bottles.price', [
                        'price' => Money::shown($cents, $salon->currency),
                        'instead' => Money::shown($instead, $salon->currency),
                    ]),
                    'says' => self::says($likeness),
                ]];
            }
        }
        usort($found, static fn (array $a, array $b): int
            => [! $a[1]['alike'], $a[0]] <=> [! $b[1]['alike'], $b[0]]);

        return array_column($found, 1);
    }

    /** @return int|null over 100 mL; null where price or size is not known */
    private static function cents(Product $product): ?int
    {
        return $product->price_cents === null || ($product->size_ml ?? 0.0) <= 0.0
            ? null
            : (int) round($product->price_cents * self::PER_ML / $product->size_ml);
    }

    private function profile(Product $product, IngredientBook $book): ?BottleProfile
    {
        $reading = $this->salonIngredients->analysis($product, $book);

        return $reading === null || $reading->isMostlyUnknown()
            ? null
            : BottleProfile::of($reading, $this->parameters->contents, $product->label_minutes);
    }

    private static function says(BottleLikeness $likeness): string
    {
        $parts = array_filter([
            $likeness->less === [] ? '' : Words::say('bottles.likeness.less', ['what' => self::names($likeness->less)]),
            $likeness->more === [] ? '' : Words::say('bottles.likeness.more', ['what' => self::names($likeness->more)]),
            $likeness->slip === 0 ? '' : Words::say('bottles.likeness.slip-' . ($likeness->slip > 0 ? 'more' : 'less')),
        ]);

        return $parts !== [] ? implode('; ', $parts) : Words::say('bottles.likeness.alike', [
            'what' => implode(', ', array_filter([self::names($likeness->alike), Words::say('bottles.contents.slip')])),
        ]);
    }

    /** @param list<Content> $contents */
    private static function names(array $contents): string
    {
        return implode(', ', array_map(
            static fn (Content $content): string => Words::say("bottles.contents.{$content->value}"),
            $contents,
        ));
    }
}
