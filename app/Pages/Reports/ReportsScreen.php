<?php

declare(strict_types=1);

namespace App\Pages\Reports;

use App\Bridge\Tables\CsvTable;
use App\Drawings\SharesByWeek;
use App\Models\Salon;
use App\Pages\Salon\LearnedWords;
use App\Wording\ResultWords;
use App\Wording\SalonClock;
use App\Wording\Words;

/** The four reports over a salon: as a page, and as one table. */
final readonly class ReportsScreen
{
    /** How far back is asked for most, beside the usual weeks. */
    private const MONTHS = ['half-a-year' => 6, 'year' => 12, 'year-and-a-half' => 18];

    public function __construct(
        private BalanceReport $balanceReport,
        private BreakageReport $breakageReport,
        private LearnedWords $learnedWords,
        private ProductReport $productReport,
        private ReportNews $reportNews,
        private TimeReport $timeReport,
    ) {
    }

    public function of(Salon $salon, ReportPeriod $period): ReportsPage
    {
        $balance = $this->balanceReport->of($salon, $period);
        $breakage = $this->breakageReport->of($salon, $period);
        $before = $this->breakageReport->of($salon, $period->before());

        return new ReportsPage(
            salon: $salon,
            period: $period,
            spans: self::spans($salon, $period),
            news: $this->reportNews->of($balance, $breakage, $before),
            standsOut: [...array_map(
                static fn (array $of): string => Words::say('learned.looked-at', [
                    'what' => ResultWords::standsOut($of['by'], $of['which'], $of['finding']),
                    'day' => SalonClock::dayInWords($of['on']),
                ]),
                $salon->results_stand_out ?? [],
            ), ...$this->learnedWords->differs($salon)],
            weeks: SharesByWeek::of($balance['weeks']),
            balance: $balance,
            breakage: $breakage,
            breakageBefore: $before,
            time: $this->timeReport->of($salon, $period),
            products: $this->productReport->of($salon, $period),
        );
    }

    /** @return list<array{label: string, at: string, isShown: bool}> what is asked for most */
    private static function spans(Salon $salon, ReportPeriod $period): array
    {
        $spans = [];
        foreach (['weeks' => null] + self::MONTHS as $name => $months) {
            $since = $months === null ? '' : $salon->today()->subMonths($months)->addDay()->format('Y-m-d');
            $usual = ReportPeriod::asked($salon, $since, '');
            [$from, $until] = $usual->dates();
            $spans[] = [
                'label' => Words::say("reports.spans.{$name}"),
                'at' => route('reports', ['from' => $from, 'until' => $until]),
                'isShown' => $usual->dates() === $period->dates(),
            ];
        }

        return $spans;
    }

    public function csv(Salon $salon, ReportPeriod $period): string
    {
        $balance = $this->balanceReport->of($salon, $period);
        $breakage = $this->breakageReport->of($salon, $period);
        $time = $this->timeReport->of($salon, $period);
        $products = $this->productReport->of($salon, $period);
        $rows = [[
            'balance kept',
            'all heads',
            $balance['share'] === null ? null : round(100 * $balance['share'], 1),
            '%',
        ]];
        foreach ($balance['weeks'] as $week) {
            $rows[] = ['balance kept', "week from {$week['from']}", round(100 * $week['share'], 1), '%'];
        }
        foreach (
            [
                'share' => 'broken share',
                'least' => 'broken share, 80 % from',
                'most' => 'broken share, 80 % to',
            ] as $key => $what
        ) {
            $rows[] = ['breakage', $what, $breakage[$key] === null ? null : round(100 * $breakage[$key], 2), '%'];
        }
        $rows[] = ['breakage', 'hairs counted', $breakage['all'], 'hairs'];
        array_push($rows, ...$this->timeRows($time['rows'], $salon));
        $rows[] = ['time', 'cancelled', $time['cancelled'], 'bookings'];
        $rows[] = ['time', 'did not come', $time['missed'], 'bookings'];
        $rows[] = ['time', 'gone by, nobody said how', $time['unsaid'], 'bookings'];
        $rows[] = ['time', 'deposits kept', self::sum($time['kept_cents']), $salon->currency];
        array_push($rows, ...$this->productRows($products['rows'], $salon));

        return CsvTable::csv(['report', 'what', 'value', 'unit'], $rows);
    }

    /**
     * @param list<array{
     *     name: string, bookings: int, timed: int, booked: int, used: int, close: int, earned_cents: int,
     *     tax_cents: int,
     * }> $of
     *
     * @return list<list<string|int|float|null>>
     */
    private function timeRows(array $of, Salon $salon): array
    {
        $rows = [];
        foreach ($of as $row) {
            foreach (
                [
                    'bookings' => ['bookings', 'bookings'],
                    'timed' => ['bookings with their times', 'bookings'],
                    'booked' => ['booked', 'min'],
                    'used' => ['used', 'min'],
                    'close' => ['within ten minutes', 'bookings'],
                ] as $key => [$what, $unit]
            ) {
                $rows[] = ['time', "{$row['name']}, {$what}", $row[$key], $unit];
            }
            foreach (['earned' => $row['earned_cents'], 'tax in it' => $row['tax_cents']] as $what => $cents) {
                $rows[] = ['time', "{$row['name']}, {$what}", self::sum($cents), $salon->currency];
            }
        }

        return $rows;
    }

    private static function sum(int $cents): string
    {
        return number_format($cents / 100, 2, '.', '');
    }

    /**
     * @param list<array{name: string, kind: string, ml: float, cents: int|null}> $of
     *
     * @return list<list<string|int|float|null>>
     */
    private function productRows(array $of, Salon $salon): array
    {
        $rows = [];
        foreach ($of as $row) {
            $rows[] = ['products', "{$row['name']}, used", round($row['ml'], 1), 'mL'];
            $rows[] = [
                'products',
                "{$row['name']}, cost",
                $row['cents'] === null ? null : number_format($row['cents'] / 100, 2, '.', ''),
                $salon->currency,
            ];
        }

        return $rows;
    }
}
