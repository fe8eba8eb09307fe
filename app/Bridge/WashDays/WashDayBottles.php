<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Plans\StoredSteps;
use App\Bridge\Products\ClientProducts;
use App\Bridge\Products\ProductFit;
use App\Bridge\Products\ProductNeeds;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\WashStep;
use App\Wording\Words;
use Closure;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\OccasionKind;
use Nagomi\Core\Products\BottleMiss;
use Nagomi\Core\Products\BottleNeed;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Step;

/**
 * The bottles of the salon that a head's wash day is done with: what suits the hair, and does what the step asks.
 *
 * @phpstan-import-type ProductChoice from ClientProducts
 */
final readonly class WashDayBottles
{
    public function __construct(
        private HeadRecord $headRecord,
        private ProductFit $productFit,
        private ProductNeeds $productNeeds,
        private Parameters $parameters,
    ) {
    }

    /**
     * @return array<string, array{
     *     id: string, name: string, ml: float, pumps: string|null, cost_cents: int|null, care: string, passed: string,
     * }> by kind the best that does what the next wash day asks of it, with what was passed over and why; kinds of
     *     which none does are left out
     */
    public function of(Head $head): array
    {
        $best = [];
        foreach ($this->suited($head) as $kind => $rows) {
            $passed = [];
            foreach ($rows as [$row, $miss]) {
                if ($miss !== null) {
                    $passed[] = $this->says($row['product']->name, $miss);
                    continue;
                }
                $best[$kind] = [
                    'id' => $row['product']->id,
                    'name' => $row['product']->name,
                    'ml' => round($row['dose']->headMl(), 1),
                    'pumps' => $row['pumps'],
                    'cost_cents' => $row['cost_cents'],
                    'care' => $row['verdict'] === 'with-care' ? (string) ($row['reasons'][0]['says'] ?? '') : '',
                    'passed' => $passed === [] ? '' : Words::say('bottles.passed', ['what' => implode(', ', $passed)]),
                ];
                break;
            }
        }

        return $best;
    }

    /** @return array<string, string> by kind what is missing, where bottles are there and none does what is asked */
    public function missing(Head $head): array
    {
        $missing = [];
        foreach ($this->suited($head) as $kind => $rows) {
            $against = array_filter(array_map(
                fn (array $one): ?string => $one[1] === null ? null : $this->says($one[0]['product']->name, $one[1]),
                $rows,
            ));
            if ($rows !== [] && count($against) === count($rows)) {
                $missing[$kind] = Words::say('bottles.missing', ['what' => implode(', ', $against)]);
            }
        }

        return $missing;
    }

    /**
     * @return array<string, list<array{ProductChoice, BottleMiss|null}>> by kind the salon's bottles that suit the hair,
     *     what comes first first, each with what speaks against it for the next wash day
     */
    private function suited(Head $head): array
    {
        $needs = $this->needs($head);
        $known = $this->isSpared($head) ? $this->known($head) : [];
        $suited = [];
        foreach ($this->productFit->forHead($head, $head->salon)->kinds as $kind => $rows) {
            $of = array_values($rows->filter(
                static fn (array $row): bool => $row['verdict'] !== 'no' && $row['product']->head_id === null,
            )->all());
            // Shortly before a day that counts what this head knows comes before what suits it better.
            usort($of, static fn (array $a, array $b): int
                => isset($known[$b['product']->name]) <=> isset($known[$a['product']->name]));
            $need = $needs[(string) $kind] ?? null;
            $suited[(string) $kind] = array_map(static fn (array $row): array => [
                $row,
                $need === null ? null : BottleMiss::of($need($row['dose']->headMl()), $row['facts']),
            ], $of);
        }

        return $suited;
    }

    /** @return array<string, Closure(float): BottleNeed> what the next wash day asks, by kind, for a dose in mL */
    private function needs(Head $head): array
    {
        $head->loadMissing(['salon', 'zoneParts']);
        /** @var PlanItem|null $item */
        $item = $head->planItems()->where('status', 'planned')->first();
        $steps = array_values(StoredSteps::of($item->steps ?? []));
        $on = Calendar::dayOf($item->date ?? $head->salon->today());
        $core = $this->headRecord->core($head);
        $free = $core->proteinSensitive || $core->method->says(MethodQuestion::Protein, 'avoided');
        $longest = $this->longest($head);
        $needs = [];
        foreach (ProductKind::cases() as $kind) {
            $step = $this->stepOf($kind, $steps);
            $minutes = $longest[$kind->value] ?? 0.0;
            $needs[$kind->value] = static fn (float $ml): BottleNeed => $step === null
                ? new BottleNeed($kind, $on, $ml, minutes: $minutes)
                : BottleNeed::of($step, $steps, $kind, $on, $ml, $free, $minutes);
        }

        return $needs;
    }

    /** @param list<Step> $steps */
    private function stepOf(ProductKind $kind, array $steps): ?Step
    {
        foreach ($steps as $step) {
            $of = ['kind' => $step->kind->value, 'cleanse' => $step->cleanse?->value];
            if ($this->productNeeds->kind($of) === $kind) {
                return $step;
            }
        }

        return null;
    }

    private function says(string $name, BottleMiss $miss): string
    {
        return Words::say('bottles.against', ['name' => $name, 'why' => Words::say("bottles.misses.{$miss->value}")]);
    }

    /** Whether the next wash day is shortly before a day that counts, or on it. */
    private function isSpared(Head $head): bool
    {
        $today = $head->salon->today()->format('Y-m-d');
        $until = $head->salon->today()
            ->addDays($this->parameters->planning->beforeADayThatCountsDays)
            ->format('Y-m-d');
        foreach (is_array($head->season['occasions'] ?? null) ? $head->season['occasions'] : [] as $occasion) {
            $day = is_array($occasion) && ($occasion['kind'] ?? '') === OccasionKind::BestDay->value
                ? $occasion['from'] ?? ''
                : '';
            if ($day >= $today && $day <= $until) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, true> products this head was washed with before, by name */
    private function known(Head $head): array
    {
        /** @var list<string> $names */
        $names = WashStep::query()
            ->join('wash_days', 'wash_days.id', '=', 'wash_steps.wash_day_id')
            ->where('wash_days.head_id', $head->id)
            ->whereNotNull('wash_steps.product')
            ->distinct()
            ->pluck('wash_steps.product')
            ->all();

        return array_fill_keys($names, true);
    }

    /**
     * Minutes of the longest mask and protein that are planned, so that the bottle bears them.
     *
     * @return array<string, float> by kind of product; left out where none is planned
     */
    public function longest(Head $head): array
    {
        $longest = [];
        /** @var PlanItem $item */
        foreach ($head->planItems()->where('status', 'planned')->get(['id', 'salon_id', 'head_id', 'steps']) as $item) {
            foreach ($item->steps as $step) {
                $kind = $this->productNeeds->kind($step)->value ?? '';
                $minutes = $step['minutes'] ?? null;
                if (is_numeric($minutes)) {
                    $longest[$kind] = max($longest[$kind] ?? 0.0, (float) $minutes);
                }
            }
        }

        return $longest;
    }
}
