<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Products\LabelMinutes;
use App\Bridge\Products\ProductFit;
use App\Bridge\Products\ProductNeeds;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\WashStep;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\OccasionKind;

/** The bottles of the salon that a head's wash day is done with. */
final readonly class WashDayBottles
{
    public function __construct(
        private ProductFit $productFit,
        private ProductNeeds $productNeeds,
        private Parameters $parameters,
    ) {
    }

    /**
     * @return array<string, array{
     *     id: string, name: string, ml: float, pumps: string|null, cost_cents: int|null, care: string,
     * }> the best of each kind that is there for this head
     */
    public function of(Head $head): array
    {
        $best = [];
        $sits = $this->longest($head);
        $known = $this->isSpared($head) ? $this->known($head) : [];
        foreach ($this->productFit->forHead($head, $head->salon)->kinds as $kind => $rows) {
            $suited = array_values($rows->filter(
                static fn (array $row): bool => $row['verdict'] !== 'no'
                    && $row['product']->head_id === null
                    && LabelMinutes::bears($row['product'], $sits[$kind] ?? 0.0),
            )->all());
            // Shortly before a day that counts what this head knows comes before what suits it better.
            $row = array_values(array_filter(
                $suited,
                static fn (array $one): bool => isset($known[$one['product']->name]),
            ))[0] ?? $suited[0] ?? null;
            if ($row !== null) {
                $best[(string) $kind] = [
                    'id' => $row['product']->id,
                    'name' => $row['product']->name,
                    'ml' => round($row['dose']->headMl(), 1),
                    'pumps' => $row['pumps'],
                    'cost_cents' => $row['cost_cents'],
                    'care' => $row['verdict'] === 'with-care' ? (string) ($row['reasons'][0]['says'] ?? '') : '',
                ];
            }
        }

        return $best;
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
