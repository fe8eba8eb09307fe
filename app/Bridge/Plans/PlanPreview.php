<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Bridge\Clients\HeadRecord;
use App\Models\Head;
use App\Models\PlanItem;
use App\Wording\Said;
use App\Wording\Words;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\PlanConsequence;
use Nagomi\Core\Planning\PlanItem as CoreItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Wording\Message;

/** What a change of the season would come to, before it is made. Nothing is stored. */
final readonly class PlanPreview
{
    public function __construct(
        private HeadRecord $headRecord,
        private Outlooks $outlooks,
        private StoredSnapshots $storedSnapshots,
        private Parameters $parameters,
    ) {
    }

    /**
     * @return array{says: string, days: float, minutes: int, washes: int, broken: list<string>, dates: list<string>}
     */
    public function of(Head $head, PlanAct $act): array
    {
        $head->loadMissing(['salon', 'zoneParts']);
        $outlook = $this->outlooks->current($head);
        $today = Calendar::dayOf($head->salon->today());
        $frame = $this->headRecord->frame($head);
        $from = $this->storedSnapshots->before($head, $frame, $today->modify('+1 day'));
        $start = KalmanFilter::through($this->headRecord->after($head, $frame, $from?->date), $today, $from)->last();
        $plan = Planner::plan(
            $start,
            $this->headRecord->lately($head, $today),
            Outlooks::WEEKS_AHEAD,
            $this->headRecord->terms($head, $act->season),
            saysWhy: false,
        );
        $then = PlanConsequence::of($plan, $this->parameters->planning);
        $broken = array_values(array_diff(Said::all($then->broken), Said::all($this->brokenNow($head))));

        return [
            'says' => $act->says,
            'days' => round($then->daysOut - $outlook->days_out, 1),
            'minutes' => (int) round($then->minutes - $outlook->plan_minutes),
            'washes' => count($plan->items) - $head->planItems()->where('status', 'planned')->count(),
            'broken' => $broken,
            'dates' => array_map(fn (CoreItem $item): string => $item->date->format('Y-m-d'), $plan->items),
        ];
    }

    /** @return list<Message> as a consequence words them */
    private function brokenNow(Head $head): array
    {
        $broken = [];
        /** @var iterable<PlanItem> $items */
        $items = $head->planItems()->where('status', 'planned')->get();
        foreach ($items as $item) {
            foreach ($item->broken as $rule) {
                $broken[] = Message::of('planning.broken-on', date: $item->date, rule: $rule);
            }
        }

        return $broken;
    }

    /**
     * @param array{
     *     says: string, days: float, minutes: int, washes: int, broken: list<string>, dates: list<string>,
     * } $preview
     */
    public function inWords(array $preview): string
    {
        $more = function (float $number, string $of): string {
            $shown = rtrim(rtrim(number_format(abs($number), 1), '0'), '.');
            $way = match (true) {
                $shown === '0' || $shown === '' => 'alike',
                $number > 0 => 'more',
                default => 'fewer',
            };

            return trans_choice("plan-acts.preview.{$of}.{$way}", $shown === '1' ? 1 : 2, [
                'number' => Words::number((float) $shown),
            ]);
        };

        return implode(' ', [
            $preview['says'],
            Words::say('plan-acts.preview.over') . ' ' . implode(', ', array_filter([
                $more($preview['days'], 'days'),
                $more((float) $preview['minutes'], 'minutes'),
                $preview['washes'] === 0 ? '' : $more((float) $preview['washes'], 'washes'),
            ])) . ';',
            $preview['broken'] === []
                ? Words::say('plan-acts.preview.breaks-none')
                : Words::say('plan-acts.preview.breaks', ['rules' => implode(' ', $preview['broken'])]),
        ]);
    }
}
