<?php

declare(strict_types=1);

namespace App\Pages\Trends;

use App\Bridge\Plans\Outlooks;
use App\Bridge\Readings\MeasuredSigns;
use App\Bridge\Tables\CsvTable;
use App\Drawings\TrendLine;
use App\Models\Head;
use App\Models\Reading;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Statistics\ControlChart;

/** The signs of a head over months, each with limits that tell its ordinary ups and downs from a change. */
final readonly class TrendsScreen
{
    public const GROUPS = [
        'breakage' => [Sign::Broken, Sign::CombCount, Sign::ShedCount, Sign::PullCount],
        'elasticity' => [Sign::WetStretch, Sign::StretchReturn, Sign::CurlMemory],
        'balance' => [Sign::Dryness, Sign::Feel, Sign::BuildUpSigns, Sign::MeteredWater, Sign::WetThrough],
        'scalp' => [
            Sign::ScalpFlakes, Sign::ScalpItch, Sign::ScalpOil, Sign::ScalpDryness, Sign::ScalpRedness,
            Sign::ScalpSoreness,
        ],
        'detangling' => [Sign::DetanglingMinutes, Sign::DetanglingEase, Sign::KnotsCut],
        'length' => [Sign::Length],
        'wear' => [Sign::Ends, Sign::Taper, Sign::CombingForce],
        'result' => [Sign::Definition, Sign::Frizz, Sign::Clumping, Sign::Softness, Sign::Shine, Sign::StyleLife],
    ];

    private const MONTHS = 18;

    /** Fewer readings say nothing of what is ordinary. */
    private const BASELINE_READINGS = 6;

    public function __construct(
        private Outlooks $outlooks,
        private WearTrend $wearTrend,
        private MeasuredSigns $measuredSigns,
    ) {
    }


    public function of(Head $head, string $group): TrendsPage
    {
        $head->loadMissing(['salon', 'outlook', 'zoneParts']);
        $this->outlooks->current($head);
        $group = isset(self::GROUPS[$group]) ? $group : 'breakage';
        $today = $head->salon->today();
        $from = $today->subMonths(self::MONTHS);
        $series = $this->series($head, $from);
        $stones = $this->treatments($head, $from);

        $told = array_values(array_filter(array_map(
            fn (Sign $sign): ?Trend => isset($series[$sign->value])
                ? $this->trend($sign, $series[$sign->value], $stones, $from, $today)
                : null,
            self::GROUPS[$group],
        )));
        $wear = $group === 'wear' ? $this->wearTrend->of($head, $stones, $from, $today) : [];

        return new TrendsPage(
            head: $head,
            group: $group,
            groups: array_keys(self::GROUPS),
            trends: [...$wear, ...$told],
            none: array_values(array_map(
                fn (Sign $sign): string => Words::of("signs.{$sign->value}"),
                array_filter(self::GROUPS[$group], fn (Sign $sign): bool => ! isset($series[$sign->value])),
            )),
        );
    }

    /** Every reading with its limits, as CSV. */
    public function csv(Head $head): string
    {
        $rows = [];
        foreach (
            $this->series(
                $head->loadMissing('salon'),
                $head->salon->today()->subMonths(self::MONTHS),
            ) as $sign => $points
        ) {
            $chart = $this->chart(array_column($points, 'value'));
            foreach ($points as $i => $point) {
                $limits = $chart[$i] ?? null;
                $rows[] = [
                    $point['date'], $sign, $this->number($point['value']), Sign::from($sign)->unit(), $point['zone'],
                    $point['by'],
                    ...$limits === null
                        ? ['', '', '', '']
                        : [
                            $this->number($limits['average']),
                            $this->number($limits['lower']),
                            $this->number($limits['upper']),
                            $limits['changed'] ? 'yes' : 'no',
                        ],
                ];
            }
        }

        return CsvTable::csv(
            ['date', 'sign', 'value', 'unit', 'zone', 'by', 'average', 'lower_limit', 'upper_limit', 'changed'],
            $rows,
        );
    }

    private function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.');
    }

    /**
     * @return array<string, list<array{date: string, value: float, zone: string, by: string}>> by sign, oldest first
     */
    private function series(Head $head, CarbonImmutable $from): array
    {
        /** @var array<string, list<array{date: string, value: float, zone: string, by: string}>> $series */
        $series = [];
        /** @var iterable<Reading> $readings */
        $readings = $head->readings()->where('date', '>=', $from->format('Y-m-d'))->get();
        foreach ($readings as $reading) {
            $signs = $this->measuredSigns->of($reading);
            foreach ($signs as $measured) {
                $series[$measured->sign->value][] = [
                    'date' => $reading->date->format('Y-m-d'),
                    'value' => $measured->value,
                    'zone' => (string) $reading->zone,
                    'by' => $reading->by,
                ];
            }
        }

        return $series;
    }

    /** @return list<array{date: string, kinds: list<string>}> masks, proteins, clarifyings, trims and services */
    private function treatments(Head $head, CarbonImmutable $from): array
    {
        $steps = $head->washDays()->getQuery()->toBase()
            ->join('wash_steps', 'wash_steps.wash_day_id', '=', 'wash_days.id')
            ->where('wash_days.date', '>=', $from->format('Y-m-d'))
            ->where(fn (Builder $step): Builder => $step->whereIn('wash_steps.cleanse', ['clarifying', 'chelating'])
                ->orWhereIn('wash_steps.kind', ['strong-protein', 'mild-protein', 'mask', 'trim', 'chemical-service']))
            ->reorder('wash_days.date')
            ->get(['wash_days.date', 'wash_steps.kind', 'wash_steps.cleanse']);
        $stones = [];
        /** @var object{date: string, kind: string, cleanse: string|null} $step */
        foreach ($steps as $step) {
            $stones[$step->date][] = match (true) {
                in_array($step->cleanse, ['clarifying', 'chelating'], true) => 'clarify',
                in_array($step->kind, ['strong-protein', 'mild-protein'], true) => 'protein',
                $step->kind === 'chemical-service' => 'service',
                default => $step->kind,
            };
        }

        return array_map(
            fn (string $date, array $kinds): array => ['date' => $date, 'kinds' => array_values(array_unique($kinds))],
            array_keys($stones),
            $stones,
        );
    }

    /**
     * The moving average against the limits of this head's own first readings; null while there are too few of them.
     *
     * @param list<float> $values
     *
     * @return list<array{average: float, lower: float, upper: float, changed: bool}>|null
     */
    private function chart(array $values): ?array
    {
        if (count($values) <= self::BASELINE_READINGS) {
            return null;
        }
        $baseline = array_slice($values, 0, max(self::BASELINE_READINGS, intdiv(count($values), 2)));
        $mean = array_sum($baseline) / count($baseline);
        $sd = sqrt(
            array_sum(array_map(fn (float $value): float => ($value - $mean) ** 2, $baseline)) / (count($baseline) - 1),
        );

        return $sd > 0 ? (new ControlChart($mean, $sd))->of($values) : null;
    }

    /**
     * @param list<array{date: string, value: float, zone: string, by: string}>           $points at least one
     * @param list<array{date: string, kinds: list<string>}>                              $stones
     */
    private function trend(
        Sign $sign,
        array $points,
        array $stones,
        CarbonImmutable $from,
        CarbonImmutable $today,
    ): Trend {
        $chart = $this->chart(array_column($points, 'value'));
        $last = $chart === null ? null : $chart[count($chart) - 1];
        [$unit, $name] = [Words::of("sign_units.{$sign->value}"), Words::of("signs.{$sign->value}")];

        return new Trend(
            sign: $sign->value,
            name: $name,
            unit: $unit,
            last: round($points[count($points) - 1]['value'], 1),
            says: $this->says(count($points), $last),
            changed: $last !== null && $last['changed'],
            picture: TrendLine::of(
                array_map(fn (array $point): array => [$point['date'], $point['value']], $points),
                $chart ?? [],
                $stones,
                $from,
                $today,
            ),
            rows: array_reverse(array_map(fn (array $point, int $i): TrendRow => new TrendRow(
                date: CarbonImmutable::parse($point['date'])->format('j M Y'),
                value: $this->number(round($point['value'], 1)),
                average: isset($chart[$i]) ? $this->number(round($chart[$i]['average'], 1)) : '',
                limits: isset($chart[$i])
                    ? $this->number(round($chart[$i]['lower'], 1))
                        . ' to '
                        . $this->number(round($chart[$i]['upper'], 1))
                    : '',
                changed: isset($chart[$i]) ? ($chart[$i]['changed'] ? 'changed' : 'ordinary') : '',
                by: $point['by'],
            ), $points, array_keys($points))),
        );
    }

    /** @param array{average: float, lower: float, upper: float, changed: bool}|null $last of the chart */
    private function says(int $readings, ?array $last): string
    {
        if ($last === null) {
            return "{$readings} readings; more than " . self::BASELINE_READINGS
                . ' are needed to tell ordinary from changed';
        }
        $lies = $last['changed'] ? 'changed: its average of %s lies outside %s to %s'
            : 'ordinary: its average of %s lies within %s to %s';

        return sprintf(
            $lies,
            $this->number(round($last['average'], 1)),
            $this->number(round($last['lower'], 1)),
            $this->number(round($last['upper'], 1)),
        );
    }
}
