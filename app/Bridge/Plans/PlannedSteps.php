<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Models\Head;
use App\Models\PlanItem;
use App\Models\WashDay;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Treatments\Place;

/**
 * Keeps with each wash day at home what the plan had asked for on it, before the plan goes on: what was done of it says
 * how much of a plan is done.
 */
final readonly class PlannedSteps
{
    /** A wash told of later than that is told of from memory, and the plan of that time is gone. */
    private const LOOKS_BACK_DAYS = 14;

    public function note(Head $head): void
    {
        $since = $head->salon->today()->subDays(self::LOOKS_BACK_DAYS);
        /** @var Collection<int, WashDay> $days */
        $days = $head
            ->washDays()
            ->where('place', Place::Home->value)
            ->where('date', '>=', $since->format('Y-m-d'))
            ->get(['id', 'salon_id', 'head_id', 'date', 'planned']);
        $open = $days->filter(static fn (WashDay $day): bool => $day->planned === null);
        if ($open->isEmpty()) {
            return;
        }
        $items = $this->items($head, $since);
        foreach ($open as $day) {
            $item = PlanItem::near($items->filter(self::stoodBefore($head, $day)), $day->date);
            // Of two washes about a planned one, the nearer is the one that was meant.
            if ($item !== null && self::nearest($days, $item)->is($day)) {
                DB::table('wash_days')->where('id', $day->id)->update([
                    'planned' => json_encode($item->steps, JSON_THROW_ON_ERROR),
                ]);
            }
        }
    }

    /** @return Collection<int, PlanItem> */
    private function items(Head $head, CarbonImmutable $since): Collection
    {
        /** @var Collection<int, PlanItem> */
        return $head
            ->planItems()
            ->whereIn('status', ['planned', 'done', 'passed'])
            ->where('date', '>=', $since->subDays(PlanItem::SAME_WITHIN_DAYS)->format('Y-m-d'))
            ->get(['id', 'salon_id', 'head_id', 'date', 'steps', 'created_at']);
    }

    /** A plan that was made after a wash was told of asked for nothing on it. */
    private static function stoodBefore(Head $head, WashDay $day): \Closure
    {
        return static fn (PlanItem $item): bool => $item->created_at
            ->setTimezone($head->salon->timezone)
            ->format('Y-m-d') <= $day->date->format('Y-m-d');
    }

    /** @param Collection<int, WashDay> $days */
    private static function nearest(Collection $days, PlanItem $item): WashDay
    {
        return $days
            ->sortBy(static fn (WashDay $day): float => abs($day->date->diffInDays($item->date, false)))
            ->firstOrFail();
    }
}
