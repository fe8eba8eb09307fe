<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Clients\SalonClimate;
use App\Models\Head;
use App\Models\Product;
use App\Models\Reaction;
use App\Models\Salon;
use App\Wording\AmountWords;
use App\Wording\Said;
use App\Wording\Words;
use Illuminate\Support\Collection;
use Nagomi\Core\Climate\DewPoint;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\Allergies;
use Nagomi\Core\Products\BottleFacts;
use Nagomi\Core\Products\BottleMiss;
use Nagomi\Core\Products\BottleProfile;
use Nagomi\Core\Products\Dose;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\Presses;
use Nagomi\Core\Products\ProductAnalysis;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Products\Suitability;
use Nagomi\Core\Products\SuitabilityContext;
use Nagomi\Core\Products\SuitabilityVerdict;
use Nagomi\Core\Treatments\BottleContents;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Content;
use Nagomi\Core\Wording\Message;

/**
 * What Products shows: each product as it really is, how much of it is left, and who must not have it.
 *
 * @phpstan-import-type ProductChoice from ClientProducts
 */
final readonly class ProductFit
{
    /** Below so many days left a product is to be ordered. */
    private const REORDER_DAYS = 14;

    /** Or, where nobody knows yet how fast it goes, at so much of one bottle. */
    private const LOW_SHARE = 0.2;

    public function __construct(
        private HeadRecord $headRecord,
        private SalonClimate $salonClimate,
        private SalonIngredients $salonIngredients,
        private StockLevels $stockLevels,
        private Parameters $parameters,
    ) {
    }

    /** Where a kind stands in the order of a wash day. */
    public function place(string $kind): int
    {
        return (int) array_search(ProductKind::tryFrom($kind), ProductKind::cases(), true);
    }

    /**
     * @return array{
     *     product: Product, left: float|null, days_left: int|null, good_until: \DateTimeImmutable|null, past: bool,
     *     reorder: bool, what: string,
     * }
     */
    public function row(Product $product, ?float $mlADay, \DateTimeImmutable $today): array
    {
        $stock = $this->stockLevels->of($product);
        $daysLeft = $product->left_ml === null ? null : $stock->daysLeft($mlADay ?? 0.0);
        $until = $stock->goodUntil();

        return [
            'product' => $product,
            'left' => $product->left_ml,
            'days_left' => $daysLeft,
            'good_until' => $until,
            'past' => $until !== null && $until < $today,
            'reorder' => $product->left_ml === 0.0
                || ($daysLeft === null
                    ? $product->left_ml !== null && $product->left_ml <= self::LOW_SHARE * ($product->size_ml ?? 0.0)
                    : $daysLeft < self::REORDER_DAYS),
            'what' => $this->inWords($product->reading),
        ];
    }

    /** @param array<string, mixed> $reading */
    public function inWords(array $reading): string
    {
        if (($reading['mostly_unknown'] ?? false) === true) {
            return Words::say('bottles.mostly-unknown');
        }
        $loads = is_array($reading['loads'] ?? null) ? $reading['loads'] : [];
        $words = [];
        foreach (['surfactant_strength' => 'surfactants', 'protein_strength' => 'protein'] as $key => $word) {
            if (is_string($reading[$key] ?? null) && $reading[$key] !== 'none') {
                $words[] = Words::say("bottles.contains.{$word}", [
                    'strength' => Words::say("products.strengths.{$word}.{$reading[$key]}"),
                ]);
            }
        }
        foreach (
            [
                'clay', 'penetrating_oil', 'mixed_oil', 'butter', 'sealing_oil', 'silicone', 'film_former', 'humectant',
                'chelator', 'drying_alcohol',
            ] as $load
        ) {
            if (isset($loads[$load])) {
                $words[] = Words::of("product_loads.{$load}");
            }
        }

        return $words === [] ? Words::say('bottles.nothing-known') : implode(', ', $words);
    }

    /** @return float in % today, by the salon's weather station or as written down */
    public function humidity(Head $head, Salon $salon): float
    {
        return $this->salonClimate->year($salon)[$salon->today()->format('m-d')] ?? $head->humidity_percent;
    }

    public function wearer(Head $head, Salon $salon, IngredientBook $book): SuitabilityContext
    {
        $core = $this->headRecord->core($head);
        $age = $core->ageOn(Calendar::dayOf($salon->today()));
        return new SuitabilityContext(
            $core,
            Allergies::of((string) $head->allergies, $book),
            $head->asthma_or_pregnant || $head->isMinor($salon->today()),
            DewPoint::celsius(DewPoint::ROOM_CELSIUS, max(1.0, $this->humidity($head, $salon))),
            $age !== null && $age < $this->parameters->planning->childUntilYears,
        );
    }

    /** Every product for one head, what suits first, by kind; and what of the same kind could stand in. */
    public function forHead(Head $head, Salon $salon): ClientProducts
    {
        $book = $this->salonIngredients->of($salon);
        $wearer = $this->wearer($head->loadMissing('zoneParts'), $salon, $book);
        /** @var Collection<int, Product> $products */
        $products = Product::query()
            ->where('salon_id', $salon->id)
            ->where(fn ($query) => $query->whereNull('head_id')->orWhere('head_id', $head->id))
            ->orderBy('name')
            ->get([
                'id', 'salon_id', 'head_id', 'name', 'kind', 'ingredients', 'size_ml', 'left_ml', 'pump_ml',
                'price_cents', 'label_minutes', 'opened_on', 'months_open', 'made_on', 'keeps_days', 'recalled_on',
                'recalled_because',
            ]);
        $read = $products->filter(static fn (Product $product): bool => $product->ingredients !== '')->values();
        /** @var Collection<int, Reaction> $reactions */
        $reactions = Reaction::query()->where('head_id', $head->id)->with('product:id,name')->orderByDesc('on')->get();
        $known = KnownReactions::of($reactions, $book);
        $rows = $read->map(
            fn (Product $product): array => $this->choice($product, $wearer, $head, $book, $known),
        );
        $order = ['good' => 0, 'with-care' => 1, 'no' => 2];

        return new ClientProducts(
            head: $head,
            kinds: $rows
                ->sortBy(
                    fn (array $row): array => [
                        $order[$row['verdict']],
                        $row['in_stock'] ? 0 : 1,
                        $row['cost_cents'] ?? PHP_INT_MAX,
                    ],
                )
                ->groupBy(fn (array $row): string => $row['product']->kind)
                ->sortKeysUsing(fn (string $a, string $b): int => $this->place($a) <=> $this->place($b)),
            reactions: $reactions,
            products: $read,
            unread: $products->filter(static fn (Product $product): bool => $product->ingredients === '')->values(),
        );
    }

    /** @return list<array{SuitabilityVerdict, string}> what keeps it from a client whatever is in it */
    private static function barred(Product $product, bool $reacted): array
    {
        $recalled = Words::say('bottles.recalled', ['because' => $product->recalled_because ?? '']);

        return [
            ...$reacted ? [[SuitabilityVerdict::No, Words::say('bottles.reacted')]] : [],
            ...$product->recalled_on === null ? [] : [[SuitabilityVerdict::No, $recalled]],
        ];
    }

    /** @return ProductChoice */
    private function choice(
        Product $product,
        SuitabilityContext $wearer,
        Head $head,
        IngredientBook $book,
        KnownReactions $reactions,
    ): array {
        $reading = ProductAnalysis::of($product->ingredients, $book, $this->parameters->products);
        $told = Suitability::of(
            $reading,
            ProductKind::from($product->kind),
            $wearer,
            $book,
        );
        $profile = BottleProfile::of($reading, $this->parameters->contents, $product->label_minutes);
        $dose = Dose::aSection(ProductKind::from($product->kind), $wearer->head, $head->density);
        $reacted = $reactions->to($product, $reading);
        $barred = self::barred($product, $reacted);

        return [
            'product' => $product,
            'verdict' => ($barred === [] ? $told['verdict'] : SuitabilityVerdict::No)->value,
            'reasons' => array_map(
                fn (array $reason): array => ['verdict' => $reason[0]->value, 'says' => Said::kept($reason[1])],
                [...$barred, ...self::ofTheBottle($told['reasons'])],
            ),
            'dose' => $dose,
            'pumps' => self::presses($dose, $product->pump_ml),
            'cost_cents' => $product->price_cents === null || ($product->size_ml ?? 0.0) <= 0
                ? null
                : (int) round($product->price_cents * $dose->headMl() / $product->size_ml),
            'in_stock' => ($product->left_ml ?? 0.0) >= $dose->headMl(),
            'facts' => $this->facts($product, $reading, $profile->contents),
            'profile' => $profile,
            'refusal' => self::refusal($product, $reacted, $told['verdict'], $reading),
            'patch_test' => FirstUse::says($reading, $wearer),
        ];
    }

    /**
     * What is said once of the client is not said again of every bottle.
     *
     * @param list<array{SuitabilityVerdict, Message}> $reasons
     *
     * @return list<array{SuitabilityVerdict, Message}>
     */
    private static function ofTheBottle(array $reasons): array
    {
        return array_values(array_filter(
            $reasons,
            static fn (array $reason): bool => $reason[1]->key !== 'suitability.allergy-not-known',
        ));
    }

    private static function refusal(
        Product $product,
        bool $reacted,
        SuitabilityVerdict $verdict,
        ProductAnalysis $reading,
    ): ?BottleMiss {
        return match (true) {
            $product->recalled_on !== null => BottleMiss::Recalled,
            $reacted => BottleMiss::ReactedTo,
            $verdict === SuitabilityVerdict::No => BottleMiss::NotForThisHair,
            $reading->isMostlyUnknown() => BottleMiss::MostlyUnknown,
            default => null,
        };
    }

    private function facts(Product $product, ProductAnalysis $reading, BottleContents $contents): BottleFacts
    {
        return new BottleFacts(
            $reading->proteinStrength(),
            $reading->surfactantStrength(),
            $contents->of(Content::Chelator)->typicalPercent >= $this->parameters->contents->chelatesFromPercent,
            $reading->has('scalp_active'),
            $this->stockLevels->of($product)->goodUntil(),
            $product->left_ml,
            $product->label_minutes,
        );
    }

    /** @return string|null null where there is no pump, or no number of presses comes near the dose */
    private static function presses(Dose $dose, ?float $pumpMl): ?string
    {
        $presses = $pumpMl === null ? null : Presses::of($dose, $pumpMl);

        return $presses === null
            ? null
            : AmountWords::presses($presses->aSection, $presses->sectionsAPress, $presses->inAll);
    }
}
