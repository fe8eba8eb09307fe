<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Models\Head;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\FilterRun;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;

/**
 * Keeps how likely the hair was in balance at the end of each day, as it was known on that day, for reports that look
 * back. A day counts from the second day with tests on, as long as the last of them is not too old to say anything: the
 * first tests only find out where hair stands, and would make every beginning look bad.
 */
final readonly class BalanceDays
{
    private const TESTED_DAYS = 2;
    private const ROWS_AT_ONCE = 200;

    public function __construct(private Parameters $parameters)
    {
    }

    /**
     * @param Snapshot|null $before where the filter went on from; null: it began anew
     * @param DateTimeImmutable|null $since the earliest day that changed; null: everything did
     */
    public function keep(
        Head $head,
        FilterRun $trace,
        ?Snapshot $before,
        ?DateTimeImmutable $since,
        DateTimeImmutable $today,
    ): void {
        // Of hair untested for long the last kept day is long ago; nothing before the state gone on from is told.
        $from = $before === null || $since === null
            ? $trace->points[0]->date
            : max($before->date, min($since, $this->next($head, $since)));
        $days = DB::table('balance_days')->where('head_id', $head->id);
        ($before === null ? $days : $days->where('date', '>=', $from->format('Y-m-d')))->delete();
        $rows = [];
        $tested = $this->testedOn($head);
        foreach ($trace->daily($from, $today, $before) as $day) {
            $date = $day->date->format('Y-m-d');
            if ($this->counts($tested, $day->date)) {
                $rows[] = [
                    'head_id' => $head->id, 'date' => $date, 'salon_id' => $head->salon_id,
                    'in_balance' => CellProbabilities::inBalance($day->state),
                ];
            }
        }
        foreach (array_chunk($rows, self::ROWS_AT_ONCE) as $some) {
            DB::table('balance_days')->insert($some);
        }
    }

    /** The day after the last that is kept: nobody may have looked for some days. */
    private function next(Head $head, DateTimeImmutable $since): DateTimeImmutable
    {
        $last = DB::table('balance_days')->where('head_id', $head->id)->max('date');

        return is_string($last) ? Calendar::dayOf(new DateTimeImmutable($last))->modify('+1 day') : $since;
    }

    /** @return list<string> days with tests, oldest first */
    private function testedOn(Head $head): array
    {
        return array_values(array_filter(
            DB::table('head_snapshots')->where('head_id', $head->id)->where('was_read', true)->orderBy('date')
                ->pluck('date')->all(),
            is_string(...),
        ));
    }

    /** @param list<string> $tested days, oldest first */
    private function counts(array $tested, DateTimeImmutable $day): bool
    {
        $until = array_values(array_filter(
            $tested,
            static fn (string $date): bool => $date <= $day->format('Y-m-d'),
        ));
        if (count($until) < self::TESTED_DAYS) {
            return false;
        }
        $last = Calendar::dayOf(new DateTimeImmutable($until[count($until) - 1]));

        return Calendar::daysBetween($last, $day) <= $this->parameters->planning->notReadAfterDays;
    }
}
