<?php

declare(strict_types=1);

namespace App\Pages\Products;

use App\Bridge\Products\AllergyNotes;
use App\Bridge\Products\BottleEffects;
use App\Bridge\Products\CheaperAlike;
use App\Bridge\Products\ProductFit;
use App\Bridge\Products\ProductNeeds;
use App\Bridge\Products\SalonIngredients;
use App\Bridge\Products\StockLevels;
use App\Bridge\WashDays\WashDayBottles;
use App\Drawings\Bottle;
use App\Models\Head;
use App\Models\Product;
use App\Models\Reaction;
use App\Models\Salon;
use App\Wording\Said;
use App\Wording\Words;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\IngredientListing;
use Nagomi\Core\Products\InvalidIngredientList;
use Nagomi\Core\Products\LabelClaim;
use Nagomi\Core\Products\ProductAnalysis;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Products\Suitability;
use Nagomi\Core\Products\SuitabilityVerdict;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Wording\Message;

/**
 * The products of a salon: each as it really is, how much of it is left, and who must not have it.
 *
 * @phpstan-import-type StockRow from ProductsPage
 */
final readonly class ProductsScreen
{
    /** What an ingredient's bar is coloured by: each colour means one thing. */
    private const MEANINGS = [
        'protein' => 'protein', 'amino_acids' => 'protein', 'humectant' => 'moisture', 'conditioner' => 'moisture',
        'silicone' => 'build-up', 'film_former' => 'build-up', 'sensitiser' => 'alarm',
    ];

    public function __construct(
        private AllergyNotes $allergyNotes,
        private BottleEffects $bottleEffects,
        private CheaperAlike $cheaperAlike,
        private ProductFit $productFit,
        private ProductNeeds $productNeeds,
        private SalonIngredients $salonIngredients,
        private StockLevels $stockLevels,
        private WashDayBottles $washDayBottles,
        private Parameters $parameters,
    ) {
    }

    public function shelf(Salon $salon): ProductsPage
    {
        /** @var Collection<int, Product> $byName */
        $byName = Product::query()->where('salon_id', $salon->id)->whereNull('head_id')->orderBy('name')->get();
        $products = $byName->sortBy(fn (Product $product): int => $this->productFit->place($product->kind));
        $useADay = $this->stockLevels->useADay(array_values(
            array_map(fn (Product $product): string => $product->id, $products->all()),
        ));
        $today = Calendar::dayOf($salon->today());
        /** @var Collection<int, StockRow> $rows */
        $rows = $products->values()->map(
            fn (Product $product): array => $this->productFit->row($product, $useADay[$product->id] ?? null, $today),
        );

        /** @var Collection<int, StockRow> $reorder */
        $reorder = $rows->filter(fn (array $row): bool => $row['reorder'])->values();

        return new ProductsPage(
            rows: $rows,
            reorder: $reorder,
            needs: $this->productNeeds->of($salon, $products),
            bottles: $products->mapWithKeys(
                fn (Product $product): array => [$product->id => Bottle::of($product)],
            )->all(),
        );
    }

    /** @throws InvalidIngredientList when the list that is kept cannot be read */
    public function of(Product $product, Salon $salon): ProductPage
    {
        $book = $this->salonIngredients->of($salon);
        $reading = $product->ingredients === ''
            ? null
            : ProductAnalysis::of($product->ingredients, $book, $this->parameters->products);

        return new ProductPage(
            product: $product,
            bottle: Bottle::of($product),
            staysOn: ProductKind::from($product->kind)->staysOn(),
            meanings: self::MEANINGS,
            // Read as the book stands now; what is kept may be older than it.
            reading: $reading === null ? $product->reading : IngredientListing::of($reading),
            onHair: $this->bottleEffects->of($product, $book),
            disagrees: $reading === null
                ? []
                : Said::all(array_filter(array_map(
                    fn (string $claim): ?Message => LabelClaim::tryFrom($claim)?->contradiction($reading),
                    $product->claims,
                ))),
            against: $reading === null ? [] : $this->against($product, $reading, $salon, $book),
            row: $this->productFit->row(
                $product,
                $this->stockLevels->useADay([$product->id])[$product->id] ?? null,
                Calendar::dayOf($salon->today()),
            ),
            moves: $product->moves()->limit(12)->get(),
            cheaper: $this->cheaperAlike->of($product, $salon),
        );
    }

    /** @return list<array{head: Head, reasons: non-empty-list<string>}> who must not have it, and why */
    private function against(Product $product, ProductAnalysis $reading, Salon $salon, IngredientBook $book): array
    {
        $reactions = Reaction::query()
            ->where('salon_id', $salon->id)
            ->where('product_id', $product->id)
            ->pluck('head_id')
            ->flip();
        // Nothing else can make a product one that a head must not have.
        $heads = Head::query()->where('salon_id', $salon->id)->where(
            fn (Builder $query): Builder => $query
                ->whereNotNull('allergies')
                ->orWhere('protein_sensitive', true)
                ->orWhere('sore_scalp', true)
                ->orWhere('born_on', '>', $salon->today()->subYears(
                    $this->parameters->planning->childUntilYears,
                )->format('Y-m-d'))
                ->orWhereIn('id', $reactions->keys()->all()),
        )
            ->with(['zoneParts'])->orderBy('name')->get();
        $against = [];
        foreach ($heads as $head) {
            /** @var Head $head */
            $told = Suitability::of(
                $reading,
                ProductKind::from($product->kind),
                $this->productFit->wearer($head, $salon, $book),
                $book,
            );
            $reasons = array_values(array_map(
                fn (array $reason): string => Said::of($reason[1]),
                array_filter($told['reasons'], fn (array $reason): bool => $reason[0] === SuitabilityVerdict::No),
            ));
            if (isset($reactions[$head->id])) {
                $reasons[] = Words::say('bottles.reacted-product');
            }
            if ($reasons !== []) {
                $against[] = ['head' => $head, 'reasons' => $reasons];
            }
        }

        return $against;
    }

    public function forHead(Head $head, Salon $salon): ClientProductsPage
    {
        $told = $this->productFit->forHead($head, $salon);

        return new ClientProductsPage(
            head: $head,
            kinds: $told->kinds,
            reactions: $told->reactions,
            products: $told->products,
            spent_cents: $this->productNeeds->spentOn($head),
            needs: $this->productNeeds->atHome($head),
            next: $this->washDayBottles->next($head),
            allergiesUnread: $this->allergyNotes->unread($head),
        );
    }
}
