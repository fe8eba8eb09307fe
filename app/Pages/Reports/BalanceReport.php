<?php

declare(strict_types=1);

namespace App\Pages\Reports;

use App\Models\Head;
use App\Models\Salon;
use App\Wording\ClientName;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * How much of the hair was in balance, day by day: for each day the probability that moisture and protein both lay in
 * their bands as it was known then, over strata by their share and over clients alike. Of hair that nobody tested
 * lately no state is claimed, so its days are not among them.
 */
final readonly class BalanceReport
{
    /**
     * @return array{
     *     share: float|null, heads: int, weeks: list<array{from: string, share: float}>,
     *     worst: list<array{head: string, name: string, share: float}>, change: BalanceChange|null,
     * }
     */
    public function of(Salon $salon, ReportPeriod $period): array
    {
        $clients = $this->clients($salon, $period);
        /** @var Collection<string, string> $names */
        $names = Head::query()->whereIn('id', array_column($clients, 'head_id'))->pluck('name', 'id');
        $heads = array_map(fn (array $own): array => [
            'head' => $own['head_id'],
            'name' => ClientName::shown($names[$own['head_id']] ?? ''),
            'share' => ($own['earlier'] + $own['lately']) / ($own['earlier_days'] + $own['lately_days']),
        ], $clients);
        usort($heads, fn (array $a, array $b): int => $a['share'] <=> $b['share']);

        return [
            'share' => $heads === [] ? null : array_sum(array_column($heads, 'share')) / count($heads),
            'heads' => count($heads),
            'weeks' => $this->weeks($salon, $period),
            'worst' => array_slice($heads, 0, 5),
            'change' => BalanceChange::of($clients),
        ];
    }

    /**
     * @return list<array{head_id: string, earlier: float, earlier_days: int, lately: float, lately_days: int}> days in
     *     balance, and days of which that is known, in both halves of the period; by client
     */
    private function clients(Salon $salon, ReportPeriod $period): array
    {
        $half = $period->from->addDays(intdiv($period->days(), 2))->format('Y-m-d');

        return array_values(DB::table('balance_days')
            ->where('salon_id', $salon->id)
            ->whereBetween('date', $period->dates())
            ->groupBy('head_id')
            ->orderBy('head_id')
            ->selectRaw(
                'head_id, sum(if(date < ?, in_balance, 0)) as earlier, sum(date < ?) as earlier_days,'
                    . ' sum(if(date < ?, 0, in_balance)) as lately, sum(date >= ?) as lately_days',
                array_fill(0, 4, $half),
            )
            ->get()
            ->map(fn (stdClass $row): array => [
                'head_id' => is_string($row->head_id) ? $row->head_id : '',
                'earlier' => self::number($row->earlier), 'earlier_days' => (int) self::number($row->earlier_days),
                'lately' => self::number($row->lately), 'lately_days' => (int) self::number($row->lately_days),
            ])
            ->all());
    }

    /** @return list<array{from: string, share: float}> by week, from its Monday on */
    private function weeks(Salon $salon, ReportPeriod $period): array
    {
        return array_values(DB::table('balance_days')
            ->where('salon_id', $salon->id)
            ->whereBetween('date', $period->dates())
            ->selectRaw('date_sub(date, interval weekday(date) day) as week, avg(in_balance) as share')
            ->groupBy('week')
            ->orderBy('week')
            ->get()
            ->map(fn (stdClass $row): array => [
                'from' => is_string($row->week) ? $row->week : '',
                'share' => self::number($row->share),
            ])
            ->all());
    }

    /** A sum as the database hands it out. */
    private static function number(mixed $sum): float
    {
        return is_numeric($sum) ? (float) $sum : 0.0;
    }
}
