<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use App\Models\Outlook;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Balance\Cells;
use Nagomi\Core\Balance\Filter;
use Nagomi\Core\Season\Planner;
use Nagomi\Core\Season\Verdict;
use Nagomi\Core\Treatment\WashDay;

/** Follows a head to today, plans its season and stores both, so that pages read what was computed once. */
final class Renewal
{
    public const WEEKS_BACK = 12;
    public const WEEKS_AHEAD = 12;

    public static function of(Head $head): Outlook
    {
        $head->loadMissing('salon');
        $head->unsetRelation('washDays')->unsetRelation('readings')->unsetRelation('zoneParts');
        $record = HeadRecord::of($head);
        $today = HeadRecord::date($head->salon->today());
        $trace = Filter::follow($record->head, $record->washDays, $record->readings, $today);
        $past = array_values(array_filter($record->washDays, fn (WashDay $day): bool => $day->date <= $today));
        $plan = Planner::plan($trace->last(), $past, self::WEEKS_AHEAD);
        $state = $trace->last()->state;
        $cells = Cells::ofHead($state);
        $buildUp = array_sum(array_map(fn (int $s): float => $record->head->strata[$s]->share * $state->buildUp($s), array_keys($record->head->strata)));

        return DB::transaction(function () use ($head, $today, $trace, $plan, $past, $cells, $buildUp): Outlook {
            PlanKeeper::keep($head, $plan);
            $outlook = Outlook::query()->updateOrCreate(['head_id' => $head->id], [
                'salon_id' => $head->salon_id,
                'as_of' => $today->format('Y-m-d'),
                'verdict' => mb_substr(Verdict::sentence($cells, $buildUp, $plan, $today), 0, 400),
                'cells' => array_map(fn (float $probability): float => round($probability, 4), $cells),
                'standing' => OutlookParts::standing($trace->last()->state),
                'signs' => OutlookParts::signs($trace),
                'river' => OutlookParts::river($trace, $plan, $past, $today),
                'ledger' => OutlookParts::ledger($trace),
            ]);
            $head->setRelation('outlook', $outlook);

            return $outlook;
        });
    }

    /** The stored outlook, renewed first where the salon's day has moved on. */
    public static function current(Head $head): Outlook
    {
        $outlook = $head->outlook;

        return $outlook !== null && $outlook->as_of->format('Y-m-d') === $head->salon->today()->format('Y-m-d') ? $outlook : self::of($head);
    }
}
