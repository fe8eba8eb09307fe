<?php

declare(strict_types=1);

namespace Tests\Strangers;

use App\Bridge\Plans\StoredSteps;
use App\Bridge\Products\BottleChooser;
use App\Bridge\Products\ClientShelves;
use App\Bridge\Products\ProductFit;
use App\Bridge\Products\SalonIngredients;
use App\Models\Head;
use App\Models\Product;
use App\Models\Reaction;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\ProductAnalysis;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Products\Suitability;
use Nagomi\Core\Products\SuitabilityVerdict;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/**
 * The bottle of every planned step, read anew from its list: it does what the step asks, by a table of its own; and
 * where none is chosen, none of the shelf would have done.
 */
final readonly class RightBottles
{
    private const PROTEIN = [
        'strong-protein' => ['strong', 'mild-to-strong'], 'mild-protein' => ['mild', 'mild-to-strong'],
    ];

    private const CLEANSES = [
        'clarifying' => ['medium', 'strong'], 'chelating' => ['medium', 'strong'],
        'gentle' => ['none', 'mild', 'medium'], 'low-lather' => ['none', 'mild', 'medium'],
        'co-wash' => ['none', 'mild', 'medium'],
    ];

    public function __construct(private StrangersTestCase $test)
    {
    }

    public function inThePlan(Head $head): void
    {
        $head = Head::query()->findOrFail($head->id)->load(['salon', 'zoneParts']);
        $shelf = app(ClientShelves::class)->of($head);
        foreach ($head->planItems()->where('status', 'planned')->get() as $item) {
            $day = array_values(StoredSteps::of($item->steps));
            $chosen = app(BottleChooser::class)->ofSteps($shelf, $day, Calendar::dayOf($item->date), Place::Salon);
            foreach ($chosen as $i => $bottle) {
                $kind = app(BottleChooser::class)->kindOf($day[$i]);
                expect($kind)->not->toBeNull();
                $all = Product::query()->where('salon_id', $head->salon_id)->whereNull('head_id')
                    ->where('kind', $kind?->value)->get();
                $do = $all->filter(fn (Product $product): bool => $this->does($product, $day[$i], $day, $head))
                    ->pluck('name')->all();
                $what = "{$item->date->format('Y-m-d')} {$day[$i]->kind->value} {$day[$i]->cleanse?->value}";
                if ($bottle->product === null) {
                    expect($do)->toBe([], "{$what}: none chosen");
                    expect($bottle->missing === '')->toBe($all->isEmpty(), "{$what}: nothing said");
                } else {
                    expect($do)->toContain($bottle->product->name);
                }
            }
        }
    }

    /** @param list<Step> $day */
    private function does(Product $product, Step $step, array $day, Head $head): bool
    {
        $book = app(SalonIngredients::class)->of($this->test->salon);
        $parameters = app(Parameters::class);
        $reading = ProductAnalysis::of($product->ingredients, $book, $parameters->products);
        $wearer = app(ProductFit::class)->wearer($head, $head->salon, $book);
        $verdict = Suitability::of($reading, ProductKind::from($product->kind), $wearer, $book)['verdict'];
        $strong = in_array(StepKind::StrongProtein, array_column($day, 'kind'), true);
        $free = $wearer->head->proteinSensitive || $wearer->head->method->says(MethodQuestion::Protein, 'avoided');

        return $product->recalled_on === null
            && $verdict !== SuitabilityVerdict::No
            && Reaction::query()->where('head_id', $head->id)->where('product_id', $product->id)->doesntExist()
            && in_array($reading->proteinStrength(), self::PROTEIN[$step->kind->value] ?? [
                'none',
                ...$step->kind === StepKind::Mask && ($strong || $free) ? [] : ['mild', 'mild-to-strong', 'strong'],
            ], true)
            && in_array($reading->surfactantStrength(), self::CLEANSES[$step->cleanse->value ?? ''] ?? [
                'none', 'mild', 'medium', 'strong',
            ], true)
            && ($step->cleanse !== CleanseKind::Chelating || $reading->typical('chelator')
                >= $parameters->contents->chelatesFromPercent)
            && ($step->cleanse !== CleanseKind::ScalpCare || $reading->has('scalp_active'));
    }
}
