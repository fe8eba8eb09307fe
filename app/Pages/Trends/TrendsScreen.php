<?php

declare(strict_types=1);

namespace App\Pages\Trends;

use App\Bridge\Learning\SalonParameters;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Readings\SignPoint;
use App\Bridge\Readings\SignSeries;
use App\Bridge\Readings\SignsOverTime;
use App\Bridge\Tables\CsvTable;
use App\Drawings\TrendLine;
use App\Models\Head;
use App\Wording\Said;
use App\Wording\SalonClock;
use App\Wording\SignWords;
use App\Wording\Words;
use App\Wording\YardstickWords;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Readings\Usual;

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

    public function __construct(
        private Outlooks $outlooks,
        private WearTrend $wearTrend,
        private SignsOverTime $signsOverTime,
        private SalonParameters $salonParameters,
        private Parameters $parameters,
    ) {
    }

    /** @param string $group a key of GROUPS; any other word: the first of which anything was read */
    public function of(Head $head, string $group): TrendsPage
    {
        $head->loadMissing(['salon', 'outlook', 'zoneParts']);
        $this->outlooks->current($head);
        $group = isset(self::GROUPS[$group]) ? $group : $this->signsOverTime->firstRead($head, self::GROUPS);
        $today = $head->salon->today();
        $from = SignsOverTime::from($today);
        $parameters = $this->salonParameters->of($head->salon);
        $series = $this->signsOverTime->of($head, self::GROUPS[$group]);
        $stones = $this->treatments($head, $from);

        $read = array_merge(...array_map(
            static fn (Sign $sign): array => $series[$sign->value] ?? [],
            self::GROUPS[$group],
        ));
        $beside = count($read) + ($group === 'wear' ? 1 : 0);
        $told = array_map(
            fn (SignSeries $one): Trend => $this->trend($one, $one->usual($parameters), $stones, $today, $beside),
            $read,
        );
        $wear = $group === 'wear' ? $this->wearTrend->of($head, $stones, $from, $today, $beside) : [];

        return new TrendsPage(
            head: $head,
            group: $group,
            groups: array_keys(self::GROUPS),
            trends: [...$wear, ...$told],
            none: array_values(array_map(
                fn (Sign $sign): string => Words::of("signs.{$sign->value}"),
                array_filter(self::GROUPS[$group], fn (Sign $sign): bool => ! isset($series[$sign->value])),
            )),
            legend: Words::say('yardsticks.trend.legend', [
                'weight' => $this->parameters->readings->usualAverageWeight,
                'first' => $this->parameters->readings->usualFromFirst,
                'months' => SignsOverTime::MONTHS,
            ]),
        );
    }

    /** Every reading with its limits, as CSV. */
    public function csv(Head $head): string
    {
        $rows = [];
        $parameters = $this->salonParameters->of($head->salon);
        foreach (array_merge(...array_values($this->signsOverTime->of($head))) as $series) {
            $chart = $series->chart($series->usual($parameters));
            foreach ($series->points as $i => $point) {
                $limits = $chart[$i] ?? null;
                $rows[] = [
                    $point->date, $series->sign->value, $this->number($point->measured->value),
                    Said::of($series->sign->unit()),
                    $series->zone->value ?? '', $point->by,
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
     * @param list<array{date: string, kinds: list<string>}> $stones
     * @param int $beside pictures on the page
     */
    private function trend(
        SignSeries $series,
        ?Usual $usual,
        array $stones,
        CarbonImmutable $today,
        int $beside,
    ): Trend {
        $from = SignsOverTime::from($today);
        $chart = $series->chart($usual);
        $sign = $series->sign->value;
        $zone = $series->zone?->value;
        $last = round($series->last()->measured->value, 1);

        return new Trend(
            sign: $zone === null ? $sign : "{$sign}-{$zone}",
            name: SignWords::at($zone, Words::of("signs.{$sign}")),
            unit: SignWords::unit($sign),
            last: $last,
            behind: trim(SignWords::unit($sign, $last) . ' ' . SignWords::at($zone, SignWords::name($sign, $last))),
            says: $this->says(count($series->days()), $usual),
            changed: $usual !== null && $usual->changed,
            picture: TrendLine::of(
                array_map(fn (SignPoint $point): array => [$point->date, $point->measured->value], $series->points),
                $chart,
                $stones,
                $from,
                $today,
                $beside,
            ),
            rows: array_reverse(array_map(
                fn (SignPoint $point, int $i): TrendRow => $this->row($point, $usual !== null, $chart[$i] ?? null),
                $series->points,
                array_keys($series->points),
            )),
        );
    }

    /** @param array{average: float, lower: float, upper: float, changed: bool}|null $limits null: one of the first */
    private function row(SignPoint $point, bool $isKnown, ?array $limits): TrendRow
    {
        $says = match (true) {
            ! $isKnown => '',
            $limits === null => 'first',
            default => $limits['changed'] ? 'changed' : 'within',
        };

        return new TrendRow(
            date: SalonClock::dayInWords($point->date, 'j M Y'),
            value: $this->number(round($point->measured->value, 1)),
            average: $limits === null ? '' : $this->number(round($limits['average'], 1)),
            limits: $limits === null
                ? ''
                : "{$this->number(round($limits['lower'], 1))} to {$this->number(round($limits['upper'], 1))}",
            says: $says === '' ? '' : Words::say("yardsticks.trend.row.{$says}"),
            by: $point->by,
        );
    }

    private function says(int $days, ?Usual $usual): string
    {
        if ($usual === null) {
            return YardstickWords::few(
                'yardsticks.trend.few',
                $days,
                $this->parameters->readings->usualFromFirst,
            );
        }
        $limits = array_reverse($usual->chart)[0] ?? null;

        return $limits === null ? '' : Words::say('yardsticks.trend.' . ($usual->changed ? 'changed' : 'within'), [
            'average' => $this->number(round($limits['average'], 1)),
            'lower' => $this->number(round($limits['lower'], 1)),
            'upper' => $this->number(round($limits['upper'], 1)),
        ]);
    }
}
