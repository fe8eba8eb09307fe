<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Basin;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Product;
use DateTimeInterface;
use Nagomi\Core\Balance\Filter;
use Nagomi\Core\Record\CareRecordWriter;
use Nagomi\Core\Treatment\CleanseKind;
use Nagomi\Core\Treatment\Step;
use Nagomi\Core\WashDay\BasinBuilder;
use Nagomi\Core\WashDay\BasinPlan;
use Nagomi\Core\WashDay\BasinStep;
use Nagomi\Core\WashDay\Drying;
use Nagomi\Core\WashDay\Fitting;
use Nagomi\Core\WashDay\Styling;

/** Lays out a head's next wash day for the Basin: steps, times, products and doses, fitted into the time there is. */
final class BasinPlanner
{
    private const FORETOLD = 8;

    /** A medium strand, where hers was never measured. */
    private const STRAND_UM = 70.0;

    /** @return array<string, mixed> the plan as the Basin keeps it, with what was changed to fit and what that costs */
    public static function of(Head $head, ?float $limitMinutes, Drying $drying, Styling $styling = Styling::Rake): array
    {
        $head->loadMissing(['salon', 'zoneParts', 'outlook']);
        Renewal::current($head);
        $today = HeadRecord::date($head->salon->today());
        $frame = HeadRecord::frame($head);
        $from = StoredDays::before($head, $frame, $today->modify('+1 day'));
        $state = Filter::through(HeadRecord::after($head, $frame, $from?->date), $today, $from)->last()->state;
        $pace = HeadRecord::pace($head, $frame->head, $today);
        $item = $head->planItems()->where('status', 'planned')->first();
        $fitting = Fitting::within($limitMinutes, $state, self::doing($item->steps ?? []), $pace, $drying, $styling);
        $products = self::products($head);

        return [
            'steps' => array_map(fn (BasinStep $step, array $told): array => $told + [
                'after_client' => $step->afterClient,
                'beside' => $step->beside,
                'books' => $step->books === null ? null : CareRecordWriter::step($step->books),
                'product' => $step->uses === null ? null : $products[$step->uses->value] ?? null,
            ], $fitting->plan->steps, (array) $fitting->plan->toArray()['steps']),
            'finish_minutes' => $fitting->plan->toArray()['finish_minutes'],
            'care_minutes' => $fitting->plan->careMinutes(),
            'styling' => $styling->value,
            'sections' => $head->sections,
            'limit_minutes' => $limitMinutes,
            'fits' => $fitting->fits,
            'changed' => $fitting->ways,
            'costs' => $fitting->costs,
            'planned_for' => $item?->date->format('Y-m-d'),
            'pace' => ['minutes_a_section' => round($pace->detangleASectionMinutes, 1), 'of' => $pace->detanglings, 'dries_in' => round($pace->airDryMinutes), 'dryings' => $pace->dryings],
        ];
    }

    /** The wash day planned for a date, or near it, at this head's own pace: how long hands are on her, and when they are free. */
    public static function planned(Head $head, DateTimeInterface $date, Drying $drying): BasinPlan
    {
        $head->loadMissing(['salon', 'zoneParts']);
        $frame = HeadRecord::frame($head);
        $pace = HeadRecord::pace($head, $frame->head, HeadRecord::date($head->salon->today()));
        $item = PlanItem::near($head->planItems()->where('status', 'planned')->get(), $date);

        return BasinBuilder::plan($frame->head, self::doing($item->steps ?? []), $pace, $drying);
    }

    /**
     * What is to be done, as planned; a gentle wash where nothing is.
     *
     * @param array<mixed> $stored
     *
     * @return list<Step>
     */
    private static function doing(array $stored): array
    {
        $steps = array_values(StoredSteps::of($stored));

        return $steps === [] ? [Step::cleanse(CleanseKind::Gentle), Step::conditioner(3), Step::detangle(20, 'comb', 'wet-with-slip'), Step::leaveIn()] : $steps;
    }

    /**
     * How well the last wash days of this head were foretold.
     *
     * @return list<array{date: string, expected: float, actual: float, within: bool}>
     */
    public static function foretold(Head $head): array
    {
        $foretold = [];
        /** @var iterable<Basin> $basins */
        $basins = $head->basins()->whereNotNull('finished_at')->latest('id')->limit(self::FORETOLD)->get();
        foreach ($basins as $basin) {
            $planned = is_array($basin->outcome['planned_minutes'] ?? null) ? $basin->outcome['planned_minutes'] : [];
            $actual = $basin->outcome['actual_minutes'] ?? null;
            if (is_numeric($planned['p50'] ?? null) && is_numeric($planned['p10'] ?? null) && is_numeric($planned['p90'] ?? null) && is_numeric($actual)) {
                $foretold[] = ['date' => $basin->date->format('j M Y'), 'expected' => (float) $planned['p50'], 'actual' => (float) $actual, 'within' => $actual >= $planned['p10'] && $actual <= $planned['p90']];
            }
        }

        return $foretold;
    }

    /**
     * What the weight of the shed ball is read with: the head's own length and strand, and the days since it was last detangled.
     *
     * @return array{length_mm: int|null, diameter_um: float, days_since_detangled: int}|null null where it was weighed already
     */
    public static function shedBall(Head $head, Basin $basin): ?array
    {
        $day = $basin->date->format('Y-m-d');
        if ($head->readings()->where('test', 'shed-ball')->where('date', $day)->exists()) {
            return null;
        }
        $before = $head->washDays()->reorder()->where('date', '<', $day)->max('date');

        return [
            'length_mm' => $head->length_mm,
            'diameter_um' => $head->strand_um ?? self::STRAND_UM,
            'days_since_detangled' => is_string($before) ? (int) HeadRecord::date(new \DateTimeImmutable($before))->diff(HeadRecord::date($basin->date))->days : 0,
        ];
    }

    /** @return array<string, array{id: string, name: string, ml: float, pumps: float|null, cost_cents: int|null, care: string}> the best of each kind that is hers to have */
    public static function products(Head $head): array
    {
        $best = [];
        foreach (ShelfPage::forHead($head, $head->salon)['kinds'] as $kind => $rows) {
            foreach ($rows as $row) {
                /** @var Product $product */
                $product = $row['product'];
                if ($row['verdict'] !== 'no' && $product->head_id === null) {
                    $best[$kind] = ['id' => $product->id, 'name' => $product->name, 'ml' => round($row['dose']->headMl(), 1), 'pumps' => $row['pumps'], 'cost_cents' => $row['cost_cents'], 'care' => $row['verdict'] === 'with-care' ? (string) ($row['reasons'][0]['says'] ?? '') : ''];
                    break;
                }
            }
        }

        return $best;
    }
}
