<?php

declare(strict_types=1);

namespace App\Pages\Reports;

use App\Models\HeadSnapshot;
use App\Models\Outlook;
use App\Models\Salon;
use App\Wording\ClientName;
use DateTimeImmutable;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Statistics\Normal;

/**
 * How much of the hair was in its band, day by day over the past twelve weeks, as the engine sees it now: for each day
 * the probability that moisture and protein both lay in their bands, over strata by their share and over heads alike.
 * The two are taken as independent. Of hair that nobody tested lately no state is claimed, so it is not among them.
 */
final readonly class BalanceReport
{
    public function __construct(private Parameters $parameters)
    {
    }

    /**
     * @return array{
     *     share: float|null, heads: int, weeks: list<array{from: string, share: float}>,
     *     worst: list<array{head: string, name: string, share: float}>, change: BalanceChange|null,
     * }
     */
    public function of(Salon $salon, ReportPeriod $period): array
    {
        [$from, $until] = $period->dates();
        $weeks = $heads = $daily = [];
        foreach ($this->outlooks($salon, $period) as $outlook) {
            $own = [];
            foreach ($this->daily($outlook) as $date => $kept) {
                if ($date >= $from && $date <= $until) {
                    $own[] = $kept;
                    $weeks[(new DateTimeImmutable($date))->modify('monday this week')->format('Y-m-d')][] = $kept;
                }
            }
            if ($own !== []) {
                $daily[] = $own;
                $heads[] = [
                    'head' => $outlook->head_id,
                    'name' => ClientName::shown($outlook->head->name),
                    'share' => array_sum($own) / count($own),
                ];
            }
        }
        ksort($weeks);
        usort($heads, fn (array $a, array $b): int => $a['share'] <=> $b['share']);

        return [
            'share' => $heads === [] ? null : array_sum(array_column($heads, 'share')) / count($heads),
            'heads' => count($heads),
            'weeks' => array_map(
                fn (string $week): array => [
                    'from' => $week,
                    'share' => array_sum($weeks[$week]) / count($weeks[$week]),
                ],
                array_keys($weeks),
            ),
            'worst' => array_slice($heads, 0, 5),
            'change' => BalanceChange::of($daily),
        ];
    }

    /** @return iterable<Outlook> of clients who were tested lately, at some day of the period */
    private function outlooks(Salon $salon, ReportPeriod $period): iterable
    {
        $read = HeadSnapshot::query()
            ->select('head_id')
            ->where('salon_id', $salon->id)
            ->where('was_read', true)
            ->whereBetween('date', [
                $period->from->subDays($this->parameters->planning->notReadAfterDays)->format('Y-m-d'),
                $period->until->format('Y-m-d'),
            ]);

        /** @var iterable<Outlook> */
        return Outlook::query()
            ->with('head:id,salon_id,name')
            ->where('salon_id', $salon->id)
            ->whereIn('head_id', $read)
            ->select(['head_id', 'salon_id', 'standing', 'hair_balance'])
            ->lazy(50);
    }

    /** @return array<string, float> probability of being in the band, by day until today */
    private function daily(Outlook $outlook): array
    {
        $balance = $outlook->hair_balance;
        $daily = [];
        foreach ($balance['strata'] as $s => $stratum) {
            $share = $outlook->standing[$s]['share'] ?? 0.0;
            $at = new DateTimeImmutable($balance['from']);
            foreach ($stratum['days'] as [$moisture, $moistureSd, $protein, $proteinSd]) {
                $date = $at->format('Y-m-d');
                if ($date > $balance['today']) {
                    break;
                }
                $daily[$date] = ($daily[$date] ?? 0.0) + $share * $this->within(
                    $moisture,
                    $moistureSd,
                    $stratum['targets'][0],
                ) * $this->within($protein, $proteinSd, $stratum['targets'][1]);
                $at = $at->modify('+1 day');
            }
        }

        return $daily;
    }

    private function within(float $mean, float $sd, float $target): float
    {
        $sd = max(0.1, $sd);

        return Normal::cumulative(
            ($target + $this->parameters->model->bandHalfWidth - $mean) / $sd,
        ) - Normal::cumulative(($target - $this->parameters->model->bandHalfWidth - $mean) / $sd);
    }
}
