<?php

declare(strict_types=1);

namespace App\Pages\Trends;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Plans\StoredSnapshots;
use App\Drawings\TrendLine;
use App\Models\Head;
use App\Wording\SalonClock;
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
     * @param int $beside pictures on the page, this one with them
     *
     * @return list<Trend> one; none before anything was read
     */
    public function of(Head $head, array $stones, CarbonImmutable $from, CarbonImmutable $today, int $beside): array
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
        $says = match (true) {
            ! $sure => 'alike',
            $apart > 0 => 'more',
            default => 'less',
        };

        return [new Trend(
            sign: 'wear',
            name: Words::of('wear'),
            unit: Words::say('trends.wear-trend.unit'),
            last: round($last['mean'], 1),
            behind: trim(Words::say('trends.wear-trend.unit') . ' ' . Words::of('wear')),
            says: Words::say("trends.wear-trend.{$says}", [
                'sd' => self::shown($last['sd']), 'mean' => self::shown($first['mean']),
                'was' => self::shown($first['sd']),
                'day' => $first['day'],
            ]),
            changed: $sure && $apart > 0,
            picture: TrendLine::of(
                array_map(fn (array $point): array => [$point['date'], $point['mean']], $points),
                array_map($this->charted(...), $points),
                $stones,
                $from,
                $today,
                $beside,
            ),
            rows: array_reverse(array_map($this->row(...), $points)),
        )];
    }

    private static function shown(float $value): string
    {
        return (string) round($value, 1);
    }

    /** @param array{date: string, day: string, mean: float, sd: float} $point */
    private function row(array $point): TrendRow
    {
        return new TrendRow(
            date: $point['day'],
            value: self::shown($point['mean']),
            average: self::shown($point['mean']),
            limits: Words::say('trends.wear-trend.limits', [
                'least' => self::shown($point['mean'] - $point['sd']),
                'most' => self::shown($point['mean'] + $point['sd']),
            ]),
            says: '',
            by: Words::say('trends.wear-trend.by'),
        );
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
            'day' => SalonClock::dayInWords($point->date),
            'mean' => $mean,
            'sd' => $sd,
        ];
    }
}
