<?php

declare(strict_types=1);

namespace App\Care\Seasons;

use App\Care\HeadRecord;
use App\Care\Renewal;
use App\Care\StoredDays;
use App\Models\Head;
use App\Models\PlanItem;
use Nagomi\Core\Balance\Filter;
use Nagomi\Core\Season\Consequence;
use Nagomi\Core\Season\PlanItem as CoreItem;
use Nagomi\Core\Season\Planner;

/** What a change of the season would come to, before it is made. Nothing is stored. */
final class SeasonPreview
{
    /**
     * @return array{says: string, days: float, minutes: int, washes: int, broken: list<string>, dates: list<string>}
     */
    public static function of(Head $head, SeasonAct $act): array
    {
        $head->loadMissing(['salon', 'zoneParts']);
        $outlook = Renewal::current($head);
        $today = HeadRecord::date($head->salon->today());
        $frame = HeadRecord::frame($head);
        $from = StoredDays::before($head, $frame, $today->modify('+1 day'));
        $start = Filter::through(HeadRecord::after($head, $frame, $from?->date), $today, $from)->last();
        $plan = Planner::plan($start, HeadRecord::lately($head, $today), Renewal::WEEKS_AHEAD, HeadRecord::terms($head, $act->season));
        $then = Consequence::of($plan);
        $broken = array_values(array_diff($then->broken, self::brokenNow($head)));

        return [
            'says' => $act->says,
            'days' => round($then->daysOut - $outlook->days_out, 1),
            'minutes' => (int) round($then->minutes - $outlook->plan_minutes),
            'washes' => count($plan->items) - $head->planItems()->where('status', 'planned')->count(),
            'broken' => $broken,
            'dates' => array_map(fn (CoreItem $item): string => $item->date->format('Y-m-d'), $plan->items),
        ];
    }

    /** @return list<string> as a consequence words them */
    private static function brokenNow(Head $head): array
    {
        $broken = [];
        /** @var iterable<PlanItem> $items */
        $items = $head->planItems()->where('status', 'planned')->get();
        foreach ($items as $item) {
            foreach ($item->broken as $rule) {
                $broken[] = "{$item->date->format('j M')}: {$rule}";
            }
        }

        return $broken;
    }

    /** @param array{says: string, days: float, minutes: int, washes: int, broken: list<string>, dates: list<string>} $preview */
    public static function inWords(array $preview): string
    {
        $more = function (float $number, string $one, string $several): string {
            $shown = rtrim(rtrim(number_format(abs($number), 1), '0'), '.');

            return $shown === '0' || $shown === '' ? "as many {$several}" : "{$shown} " . ($shown === '1' ? $one : $several) . ($number > 0 ? ' more' : ' fewer');
        };

        return implode(' ', [
            $preview['says'],
            'Over the season: ' . implode(', ', array_filter([
                $more($preview['days'], 'day out of band', 'days out of band'),
                $more((float) $preview['minutes'], 'minute', 'minutes'),
                $preview['washes'] === 0 ? '' : $more((float) $preview['washes'], 'wash day', 'wash days'),
            ])) . ';',
            $preview['broken'] === [] ? 'no rule is broken by it.' : 'it breaks: ' . implode(' ', $preview['broken']),
        ]);
    }
}
