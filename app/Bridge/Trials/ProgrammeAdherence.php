<?php

declare(strict_types=1);

namespace App\Bridge\Trials;

use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Programme;
use App\Models\Trial;
use App\Models\WashDay;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Planning\Programme as CoreProgramme;

/**
 * How far a programme was kept to, and what its measure says before and after.
 *
 * @phpstan-import-type TrialTold from TrialResult
 */
final readonly class ProgrammeAdherence
{
    public function __construct(
        private TrialResult $trialResult,
    ) {
    }

    /**
     * @return list<array{
     *     programme: Programme, kept: int, of: int, unit: string, planned: int, washed: int, left: int,
     *     told: TrialTold,
     * }> the latest first
     */
    public function all(Head $head): array
    {
        $told = [];
        /** @var iterable<Programme> $programmes */
        $programmes = Programme::query()
            ->where('head_id', $head->id)
            ->latest('began_on')
            ->latest('id')
            ->limit(8)
            ->get();
        foreach ($programmes as $programme) {
            $told[] = $this->told($head, $programme);
        }

        return $told;
    }

    /**
     * @return array{
     *     programme: Programme, kept: int, of: int, unit: string, planned: int, washed: int, left: int, told: TrialTold,
     * } kept to on so many of the wash days there were, and so many of the planned ones were done at all
     */
    public function told(Head $head, Programme $programme): array
    {
        $core = StoredProgrammes::core($programme);
        $kind = $core->kind;
        $today = CarbonImmutable::parse($head->salon->today()->format('Y-m-d'));
        $until = $programme->endsOn()->min($today);
        /** @var Collection<int, WashDay> $days */
        $days = $head
            ->washDays()
            ->with('steps')
            ->whereBetween('date', [$programme->began_on->format('Y-m-d'), $until->format('Y-m-d')])
            ->get();
        [$kept, $of] = $kind->isWeekly()
            ? $this->weekly($programme, $core, $days, $until)
            : [$this->keptOn($head, $core, $days), $days->count()];
        [$planned, $washed] = $this->planned($head, $programme, $until);

        return [
            'programme' => $programme,
            'kept' => $kept,
            'of' => $of,
            'unit' => trans_choice($kind->isWeekly() ? 'trial-results.weeks' : 'trial-results.wash-days', $of),
            'planned' => $planned,
            'washed' => $washed,
            'left' => max(0, (int) round($today->diffInDays($programme->endsOn(), false))),
            // The same exact test as for a trial: before it began against since.
            'told' => $this->trialResult->told(
                $head,
                (new Trial())->forceFill([
                    'kind' => 'before-after', 'change' => $kind->value, 'sign' => $programme->sign,
                    'began_on' => $programme->began_on, 'ended_on' => $programme->endsOn(),
                ]),
            ),
        ];
    }

    /**
     * @param Collection<int, WashDay> $days
     *
     * @return array{int, int} weeks in which it was done, of those that are over or in which it was done already
     */
    private function weekly(Programme $programme, CoreProgramme $core, Collection $days, CarbonImmutable $until): array
    {
        $kept = $of = 0;
        for ($week = 0; $week < $programme->weeks; $week++) {
            $from = $programme->began_on->addWeeks($week);
            if ($from > $until) {
                break;
            }
            $done = $days->contains(
                fn (WashDay $day): bool => $day->date >= $from
                    && $day->date < $from->addWeek()
                    && KeptToProgramme::on($day, $core, null),
            );
            $kept += $done ? 1 : 0;
            $of += $done || $from->addDays(6) <= $until ? 1 : 0;
        }

        return [$kept, $of];
    }

    /** @param Collection<int, WashDay> $days of the programme, oldest first */
    private function keptOn(Head $head, CoreProgramme $core, Collection $days): int
    {
        $kept = 0;
        /** @var WashDay|null $before */
        $before = $days->isEmpty() ? null : $head
            ->washDays()
            ->reorder()
            ->with('steps')
            ->where('date', '<', $days->firstOrFail()->date->format('Y-m-d'))
            ->latest('date')
            ->first();
        foreach ($days as $day) {
            $kept += KeptToProgramme::on($day, $core, $before) ? 1 : 0;
            $before = $day;
        }

        return $kept;
    }

    /** @return array{int, int} wash days that were planned in its time and have been, and how many of them were done */
    private function planned(Head $head, Programme $programme, CarbonImmutable $until): array
    {
        $statuses = PlanItem::query()
            ->toBase()
            ->where('head_id', $head->id)
            ->whereIn('status', ['done', 'passed'])
            ->whereBetween('date', [$programme->began_on->format('Y-m-d'), $until->format('Y-m-d')])
            ->pluck('status');

        return [$statuses->count(), $statuses->filter(fn (mixed $status): bool => $status === 'done')->count()];
    }
}
