<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Models\Head;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\FilterRun;
use Nagomi\Core\Estimation\ReadingCheck;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Planning\Plan;

/** Keeps what a plan foretells on a day of hair tests: the share of the coming days in balance. */
final readonly class PlanForetold
{
    public const DAYS = 28;

    public function note(Head $head, FilterRun $trace, Plan $plan, DateTimeImmutable $today): void
    {
        $isTested = array_filter(
            $trace->checks,
            static fn (ReadingCheck $check): bool => $check->reading->date->format('Y-m-d') === $today->format('Y-m-d'),
        ) !== [];
        $ahead = array_slice($plan->forecast, 1, self::DAYS);
        $of = ['head_id' => $head->id, 'made_on' => $today->format('Y-m-d')];
        if (! $isTested || count($ahead) < self::DAYS) {
            DB::table('plan_foretold')->where($of)->delete();

            return;
        }
        $inBalance = array_map(static fn (Snapshot $day): float => CellProbabilities::inBalance($day->state), $ahead);
        DB::table('plan_foretold')->updateOrInsert($of, [
            'salon_id' => $head->salon_id, 'in_balance' => array_sum($inBalance) / count($inBalance),
        ]);
    }
}
