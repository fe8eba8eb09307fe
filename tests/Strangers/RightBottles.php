<?php

declare(strict_types=1);

namespace Tests\Strangers;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Plans\StoredSteps;
use App\Bridge\Products\BottleChooser;
use App\Bridge\Products\ClientShelves;
use App\Bridge\Products\ProductFit;
use App\Bridge\Products\SalonIngredients;
use App\Bridge\WashDays\StepPalette;
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
        $bottles = $this->bottles($head);
        $chooser = app(BottleChooser::class);
        $core = app(HeadRecord::class)->core($head);
        $free = $core->proteinSensitive || $core->method->says(MethodQuestion::Protein, 'avoided');
        foreach ($head->planItems()->where('status', 'planned')->get() as $item) {
            $day = array_values(StoredSteps::of($item->steps));
            $strong = in_array(StepKind::StrongProtein, array_column($day, 'kind'), true);
            $chosen = $chooser->ofSteps($shelf, $day, Calendar::dayOf($item->date), Place::Salon);
            foreach ($chosen as $i => $bottle) {
                $all = $bottles[ProductKind::of($day[$i])?->value] ?? [];
                $do = array_keys(array_filter(
                    $all,
                    fn (?ProductAnalysis $reading): bool => $reading !== null
                        && $this->does($reading, $day[$i], $strong || $free),
                ));
                $what = "{$item->date->format('Y-m-d')} {$day[$i]->kind->value} {$day[$i]->cleanse?->value}";
                // Conditioner before the water and after it is two doses out of one bottle.
                $times = array_sum(array_map(static fn (Step $step): int
                    => ProductKind::of($step) === ProductKind::of($day[$i]) ? $step->passes : 0, $day));
                if ($bottle->product === null) {
                    $do = array_diff($do, $this->emptier($head, $bottle->ml * $times));
                    expect($do)->toBe([], "{$what}: none chosen");
                    expect($bottle->missing === '')->toBe($all === [], "{$what}: nothing said");
                } else {
                    expect($do)->toContain($bottle->product->name);
                }
            }
        }
        $this->inThePalette($head, $bottles, $free);
    }

    /** @return list<string> bottles that hold less */
    private function emptier(Head $head, float $ml): array
    {
        return array_values(array_map(strval(...), Product::query()
            ->where('salon_id', $head->salon_id)
            ->whereNull('head_id')
            ->where('left_ml', '<', $ml)
            ->pluck('name')
            ->all()));
    }

    /** @param array<string, array<string, ProductAnalysis|null>> $bottles of what can be put into a wash day by hand */
    private function inThePalette(Head $head, array $bottles, bool $free): void
    {
        foreach (app(StepPalette::class)->of($head) as $offered) {
            $books = is_array($offered['books']) ? array_values(StoredSteps::of([$offered['books']]))[0] ?? null : null;
            $name = $offered['product']['name'] ?? null;
            if ($books === null || $name === null) {
                continue;
            }
            $reading = $bottles[$offered['uses']][$name] ?? null;
            expect($reading)->not->toBeNull("{$offered['key']}: {$name} must not be used")
                ->and($reading !== null && $this->does($reading, $books, $free))
                ->toBeTrue("{$offered['key']}: {$name}");
        }
    }

    /**
     * @return array<string, array<string, ProductAnalysis|null>> by kind and name; null where it must not touch this
     *     client
     */
    private function bottles(Head $head): array
    {
        $book = app(SalonIngredients::class)->of($this->test->salon);
        $wearer = app(ProductFit::class)->wearer($head, $head->salon, $book);
        $reacted = Reaction::query()->where('head_id', $head->id)->pluck('product_id')->all();
        $bottles = [];
        foreach (Product::query()->where('salon_id', $head->salon_id)->whereNull('head_id')->get() as $product) {
            $reading = ProductAnalysis::of($product->ingredients, $book, app(Parameters::class)->products);
            $verdict = Suitability::of($reading, ProductKind::from($product->kind), $wearer, $book)['verdict'];
            $may = $product->recalled_on === null && $verdict !== SuitabilityVerdict::No
                && ! in_array($product->id, $reacted, true);
            $bottles[$product->kind][$product->name] = $may ? $reading : null;
        }

        return $bottles;
    }

    /** @param bool $bare a mask is to hold no protein */
    private function does(ProductAnalysis $reading, Step $step, bool $bare): bool
    {
        $chelates = $reading->typical('chelator') >= app(Parameters::class)->contents->chelatesFromPercent;

        return in_array($reading->proteinStrength(), self::PROTEIN[$step->kind->value] ?? [
            'none',
            ...$step->kind === StepKind::Mask && $bare ? [] : ['mild', 'mild-to-strong', 'strong'],
        ], true)
            && in_array($reading->surfactantStrength(), self::CLEANSES[$step->cleanse->value ?? ''] ?? [
                'none', 'mild', 'medium', 'strong',
            ], true)
            && ($step->cleanse !== CleanseKind::Chelating || $chelates)
            && ($step->cleanse !== CleanseKind::ScalpCare || $reading->has('scalp_active'));
    }
}
