<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use App\Pictures\TrendLine;
use Carbon\CarbonImmutable;
use Nagomi\Core\Balance\Layout;
use Nagomi\Core\Balance\Point;

/** Wear over months: no single test reads it, so it is followed as the engine works it out, with its doubt. */
final class WearTrend
{
    /**
     * @param list<array{date: string, kinds: list<string>}> $stones
     *
     * @return list<array<string, mixed>> one trend, as TrendsPage shows it; none before anything was read
     */
    public static function of(Head $head, array $stones, CarbonImmutable $from, CarbonImmutable $today): array
    {
        $points = array_map(self::wear(...), StoredDays::visited($head, HeadRecord::frame($head), $from->format('Y-m-d')));
        if ($points === []) {
            return [];
        }
        $first = $points[0];
        $last = $points[count($points) - 1];
        $apart = $last['mean'] - $first['mean'];
        $sure = abs($apart) > hypot($first['sd'], $last['sd']);
        $shown = fn (float $value): string => (string) round($value, 1);

        return [[
            'sign' => 'wear',
            'name' => Words::of('wear'),
            'unit' => 'of 100',
            'last' => round($last['mean'], 1),
            'says' => "± {$shown($last['sd'])}; " . ($sure ? ($apart > 0 ? 'more' : 'less') . " than the {$shown($first['mean'])} ± {$shown($first['sd'])} of {$first['day']}" : "no surer change since {$first['day']}"),
            'changed' => $sure && $apart > 0,
            'picture' => TrendLine::of(
                array_map(fn (array $point): array => [$point['date'], $point['mean']], $points),
                array_map(fn (array $point): array => ['average' => $point['mean'], 'lower' => $point['mean'] - $point['sd'], 'upper' => $point['mean'] + $point['sd'], 'changed' => false], $points),
                $stones,
                $from,
                $today,
            ),
            'rows' => array_reverse(array_map(fn (array $point): array => ['date' => $point['day'], 'value' => $shown($point['mean']), 'average' => $shown($point['mean']), 'limits' => "{$shown($point['mean'] - $point['sd'])} to {$shown($point['mean'] + $point['sd'])}", 'changed' => '', 'by' => 'worked out'], $points)),
        ]];
    }

    /** @return array{date: string, day: string, mean: float, sd: float} over the strata, by share of hair */
    private static function wear(Point $point): array
    {
        $mean = $sd = 0.0;
        foreach ($point->state->layout->head->strata as $s => $stratum) {
            $mean += $stratum->share * $point->state->value($s, Layout::WEAR);
            // The strata of a head go wrong together: their doubts are added, not averaged away.
            $sd += $stratum->share * $point->state->sd($s, Layout::WEAR);
        }

        return ['date' => $point->date->format('Y-m-d'), 'day' => $point->date->format('j M Y'), 'mean' => $mean, 'sd' => $sd];
    }
}
