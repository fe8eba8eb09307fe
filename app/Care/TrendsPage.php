<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use App\Models\Reading;
use App\Pictures\TrendLine;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Nagomi\Core\Reading\Bench;
use Nagomi\Core\Reading\Sign;
use Nagomi\Core\Stats\ControlChart;

/** The signs of a head over months, each with limits that tell its ordinary ups and downs from a change. */
final class TrendsPage
{
    public const GROUPS = [
        'breakage' => [Sign::Broken, Sign::CombCount, Sign::ShedCount, Sign::PullCount],
        'elasticity' => [Sign::WetStretch, Sign::StretchReturn, Sign::CurlMemory],
        'balance' => [Sign::Dryness, Sign::Feel, Sign::BuildUpSigns, Sign::MeteredWater, Sign::WetThrough],
        'scalp' => [Sign::ScalpFlakes, Sign::ScalpItch, Sign::ScalpOil, Sign::ScalpRedness, Sign::ScalpSoreness],
        'detangling' => [Sign::DetanglingMinutes, Sign::DetanglingEase, Sign::KnotsCut],
        'length' => [Sign::Length],
        'wear' => [Sign::Ends, Sign::Taper, Sign::CombingForce],
        'result' => [Sign::Definition, Sign::Frizz, Sign::Clumping, Sign::Softness, Sign::Shine, Sign::StyleLife],
    ];

    private const MONTHS = 18;

    /** Fewer readings say nothing of what is ordinary. */
    private const BASELINE_READINGS = 6;

    /** @return array<string, mixed> */
    public static function of(Head $head, string $group): array
    {
        $head->loadMissing(['salon', 'outlook', 'zoneParts']);
        Renewal::current($head);
        $group = isset(self::GROUPS[$group]) ? $group : 'breakage';
        $today = $head->salon->today();
        $from = $today->subMonths(self::MONTHS);
        $series = self::series($head, $from);
        $stones = self::treatments($head, $from);

        return [
            'head' => $head,
            'group' => $group,
            'groups' => array_keys(self::GROUPS),
            'trends' => [...$group === 'wear' ? WearTrend::of($head, $stones, $from, $today) : [], ...array_values(array_filter(array_map(
                fn (Sign $sign): ?array => isset($series[$sign->value]) ? self::trend($sign, $series[$sign->value], $stones, $from, $today) : null,
                self::GROUPS[$group],
            )))],
            'none' => array_map(fn (Sign $sign): string => Words::of("signs.{$sign->value}"), array_filter(self::GROUPS[$group], fn (Sign $sign): bool => ! isset($series[$sign->value]))),
        ];
    }

    /** @return list<list<string>> every reading of every sign, header first */
    public static function table(Head $head): array
    {
        $rows = [['date', 'sign', 'value', 'unit', 'zone', 'by', 'average', 'lower_limit', 'upper_limit', 'changed']];
        foreach (self::series($head->loadMissing('salon'), $head->salon->today()->subMonths(self::MONTHS)) as $sign => $points) {
            $chart = self::chart(array_column($points, 'value'));
            foreach ($points as $i => $point) {
                $limits = $chart[$i] ?? null;
                $rows[] = [
                    $point['date'], $sign, self::number($point['value']), Sign::from($sign)->unit(), $point['zone'], $point['by'],
                    ...$limits === null ? ['', '', '', ''] : [self::number($limits['average']), self::number($limits['lower']), self::number($limits['upper']), $limits['changed'] ? 'yes' : 'no'],
                ];
            }
        }

        return $rows;
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.');
    }

    /** @return array<string, list<array{date: string, value: float, zone: string, by: string}>> by sign, oldest first */
    private static function series(Head $head, CarbonImmutable $from): array
    {
        $series = [];
        foreach ($head->readings()->where('date', '>=', $from->format('Y-m-d'))->get() as $reading) {
            /** @var Reading $reading */
            $signs = Bench::test($reading->test)?->measure($reading->raw) ?? [];
            foreach ($signs as $measured) {
                $series[$measured->sign->value][] = ['date' => $reading->date->format('Y-m-d'), 'value' => $measured->value, 'zone' => (string) $reading->zone, 'by' => $reading->by];
            }
        }

        return $series;
    }

    /** @return list<array{date: string, kinds: list<string>}> masks, proteins, clarifyings, trims and services */
    private static function treatments(Head $head, CarbonImmutable $from): array
    {
        $steps = $head->washDays()->getQuery()->toBase()
            ->join('wash_steps', 'wash_steps.wash_day_id', '=', 'wash_days.id')
            ->where('wash_days.date', '>=', $from->format('Y-m-d'))
            ->where(fn (Builder $step): Builder => $step->whereIn('wash_steps.cleanse', ['clarifying', 'chelating'])
                ->orWhereIn('wash_steps.kind', ['strong-protein', 'mild-protein', 'mask', 'trim', 'chemical-service']))
            ->reorder('wash_days.date')
            ->get(['wash_days.date', 'wash_steps.kind', 'wash_steps.cleanse']);
        $stones = [];
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
    private static function chart(array $values): ?array
    {
        if (count($values) <= self::BASELINE_READINGS) {
            return null;
        }
        $baseline = array_slice($values, 0, max(self::BASELINE_READINGS, intdiv(count($values), 2)));
        $mean = array_sum($baseline) / count($baseline);
        $sd = sqrt(array_sum(array_map(fn (float $value): float => ($value - $mean) ** 2, $baseline)) / (count($baseline) - 1));

        return $sd > 0 ? (new ControlChart($mean, $sd))->of($values) : null;
    }

    /**
     * @param list<array{date: string, value: float, zone: string, by: string}>           $points at least one
     * @param list<array{date: string, kinds: list<string>}>                              $stones
     *
     * @return array<string, mixed>
     */
    private static function trend(Sign $sign, array $points, array $stones, CarbonImmutable $from, CarbonImmutable $today): array
    {
        $chart = self::chart(array_column($points, 'value'));
        $last = $chart === null ? null : $chart[count($chart) - 1];
        [$unit, $name] = [Words::of("sign_units.{$sign->value}"), Words::of("signs.{$sign->value}")];

        return [
            'sign' => $sign->value,
            'name' => $name,
            'unit' => $unit,
            'last' => round($points[count($points) - 1]['value'], 1),
            'says' => match (true) {
                $last === null => count($points) . ' readings; more than ' . self::BASELINE_READINGS . ' are needed to tell ordinary from changed',
                $last['changed'] => 'changed: its average of ' . self::number(round($last['average'], 1)) . ' lies outside ' . self::number(round($last['lower'], 1)) . ' to ' . self::number(round($last['upper'], 1)),
                default => 'ordinary: its average of ' . self::number(round($last['average'], 1)) . ' lies within ' . self::number(round($last['lower'], 1)) . ' to ' . self::number(round($last['upper'], 1)),
            },
            'changed' => $last !== null && $last['changed'],
            'picture' => TrendLine::of(array_map(fn (array $point): array => [$point['date'], $point['value']], $points), $chart ?? [], $stones, $from, $today),
            'rows' => array_reverse(array_map(fn (array $point, int $i): array => [
                'date' => CarbonImmutable::parse($point['date'])->format('j M Y'),
                'value' => self::number(round($point['value'], 1)),
                'average' => isset($chart[$i]) ? self::number(round($chart[$i]['average'], 1)) : '',
                'limits' => isset($chart[$i]) ? self::number(round($chart[$i]['lower'], 1)) . ' to ' . self::number(round($chart[$i]['upper'], 1)) : '',
                'changed' => isset($chart[$i]) ? ($chart[$i]['changed'] ? 'changed' : 'ordinary') : '',
                'by' => $point['by'],
            ], $points, array_keys($points))),
        ];
    }
}
