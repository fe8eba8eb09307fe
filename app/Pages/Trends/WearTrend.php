<?php

declare(strict_types=1);

namespace App\Pages\Trends;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Plans\StoredSnapshots;
use App\Drawings\TrendLine;
use App\Models\Head;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\StateLayout;

/** Wear over months: no single test reads it, so it is followed as the engine works it out, with its doubt. */
final readonly class WearTrend
{
    public function __construct(
        private HeadRecord $headRecord,
        private StoredSnapshots $storedSnapshots,
    ) {
    }

    /**
     * @param list<array{date: string, kinds: list<string>}> $stones
     *
     * @return list<Trend> one; none before anything was read
     */
    public function of(Head $head, array $stones, CarbonImmutable $from, CarbonImmutable $today): array
    {
        $points = array_map(
            $this->wear(...),
            $this->storedSnapshots->visited($head, $this->headRecord->frame($head), $from->format('Y-m-d')),
        );
        if ($points === []) {
            return [];
        }
        [$first, $last] = [$points[0], $points[count($points) - 1]];
        $apart = $last['mean'] - $first['mean'];
        $sure = abs($apart) > hypot($first['sd'], $last['sd']);
        $shown = fn (float $value): string => (string) round($value, 1);

        $change = $sure
            ? ($apart > 0 ? 'more' : 'less') . " than the {$shown($first['mean'])} ± {$shown($first['sd'])} of "
            : 'no surer change since ';

        return [new Trend(
            sign: 'wear',
            name: Words::of('wear'),
            unit: 'of 100',
            last: round($last['mean'], 1),
            says: "± {$shown($last['sd'])}; {$change}{$first['day']}",
            changed: $sure && $apart > 0,
            picture: TrendLine::of(
                array_map(fn (array $point): array => [$point['date'], $point['mean']], $points),
                array_map($this->charted(...), $points),
                $stones,
                $from,
                $today,
            ),
            rows: array_reverse(array_map(fn (array $point): TrendRow => new TrendRow(
                date: $point['day'],
                value: $shown($point['mean']),
                average: $shown($point['mean']),
                limits: "{$shown($point['mean'] - $point['sd'])} to {$shown($point['mean'] + $point['sd'])}",
                says: '',
                by: 'worked out',
            ), $points)),
        )];
    }

    /**
     * @param array{date: string, day: string, mean: float, sd: float} $point
     *
     * @return array{average: float, lower: float, upper: float, changed: bool}
     */
    private function charted(array $point): array
    {
        return [
            'average' => $point['mean'],
            'lower' => $point['mean'] - $point['sd'],
            'upper' => $point['mean'] + $point['sd'],
            'changed' => false,
        ];
    }

    /** @return array{date: string, day: string, mean: float, sd: float} over the strata, by share of hair */
    private function wear(Snapshot $point): array
    {
        $mean = $sd = 0.0;
        foreach ($point->state->layout->head->strata as $s => $stratum) {
            $mean += $stratum->share * $point->state->value($s, StateLayout::WEAR);
            // The strata of a head go wrong together: their doubts are added, not averaged away.
            $sd += $stratum->share * $point->state->sd($s, StateLayout::WEAR);
        }

        return [
            'date' => $point->date->format('Y-m-d'),
            'day' => $point->date->format('j M Y'),
            'mean' => $mean,
            'sd' => $sd,
        ];
    }
}
