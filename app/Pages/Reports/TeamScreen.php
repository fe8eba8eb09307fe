<?php

declare(strict_types=1);

namespace App\Pages\Reports;

use App\Drawings\ReadersApart;
use App\Models\Salon;
use App\Models\StylistBias;
use App\Wording\Words;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Readings\TestCatalogue;

/**
 * How alike the stylists of a salon read: the bias of each by sign, and how far two readings of one head and day lie
 * apart.
 */
final readonly class TeamScreen
{
    private const MONTHS = 18;

    /** In nineteen of twenty a stylist without a bias stays below this. */
    private const PLAIN_FROM_SD = 1.96;

    public function __construct(private Parameters $parameters, private ScatterPartScreen $scatterPartScreen)
    {
    }

    public function of(Salon $salon): TeamPage
    {
        $biases = $names = [];
        foreach (StylistBias::query()->where('salon_id', $salon->id)->orderBy('by')->get() as $bias) {
            /** @var StylistBias $bias */
            // Of a test that one stylist alone takes, nobody can say how high.
            if ($bias->sd <= 0.0) {
                continue;
            }
            $names[$bias->by] = true;
            // A count's bias is a logarithm; as so many percent it can be read.
            $count = Sign::tryFrom($bias->sign)?->isCount() === true;
            $biases[$bias->sign][$bias->by] = [
                'mean' => $count ? round(100 * (exp($bias->mean) - 1)) : round($bias->mean, 2),
                'sd' => $count ? round(100 * $bias->sd) : round($bias->sd, 2),
                'plain' => abs($bias->mean) > self::PLAIN_FROM_SD * $bias->sd,
            ];
        }

        $biases = array_intersect_key(
            $biases,
            array_flip(array_map(fn (Sign $sign): string => $sign->value, Sign::cases())),
        );
        $apart = array_filter($biases, fn (array $of): bool => in_array(true, array_column($of, 'plain'), true));
        $pairs = $this->pairs($salon);

        return new TeamPage(
            news: $this->news($apart, count($biases) - count($apart)),
            picture: ReadersApart::of($biases, $this->units(), self::PLAIN_FROM_SD),
            names: array_keys($names),
            biases: $apart,
            alike: count($biases) - count($apart),
            pairs: $pairs,
            repeatability: $this->repeatability($pairs),
            units: $this->units(),
            scatter: $this->scatterPartScreen->of($salon),
        );
    }

    /**
     * @param array<string, array<string, array{mean: float, sd: float, plain: bool}>> $apart
     *
     * @return list<string> who scores clearly apart, or that nobody does; none while nothing can be said
     */
    private function news(array $apart, int $alike): array
    {
        $news = [];
        $units = $this->units();
        foreach ($apart as $sign => $of) {
            foreach (array_filter($of, static fn (array $bias): bool => $bias['plain']) as $name => $bias) {
                $news[] = Words::say('reports.team.' . ($bias['mean'] > 0 ? 'higher' : 'lower'), [
                    'name' => $name, 'test' => Words::of("signs.{$sign}"), 'unit' => $units[$sign],
                    'by' => Words::number(abs($bias['mean'])),
                ]);
            }
        }
        if ($news === [] && $alike > 0) {
            return [trans_choice('reports.team.alike', $alike)];
        }

        return $news;
    }

    /**
     * Readings of one head, day, moment, place and test by two stylists, side by side.
     *
     * @return list<array{
     *     head: string, date: string, sign: string, one: string, other: string, values: array{float, float},
     * }>
     */
    private function pairs(Salon $salon): array
    {
        // Who read what twice is found in the index alone; only those rows are then fetched.
        $both = DB::table('readings')->select([
            'head_id', 'date', 'test', 'moment', 'zone',
        ])->where('salon_id', $salon->id)
            ->where('date', '>=', $salon->today()->subMonths(self::MONTHS)->format('Y-m-d'))
            ->groupBy('date', 'head_id', 'test', 'moment', 'zone')
                ->havingRaw('min(`by`) < max(`by`)')
                ->orderByDesc('date')
                ->limit(60);
        $twice = DB::query()->fromSub($both, 'both')
            ->join('readings as a', fn (JoinClause $join) => $this->sameTest($join, 'a'))
            ->join('readings as b', function (JoinClause $join): void {
                $this->sameTest($join, 'b')->whereColumn('a.by', '<', 'b.by');
            })->join('heads', 'heads.id', '=', 'a.head_id')->orderByDesc('a.date')->limit(60)
            ->select([
                    'a.date', 'a.test', 'a.raw', 'a.by', 'b.raw as other_raw', 'b.by as other_by',
                    'heads.name as head_name',
                ])->get();
        $pairs = [];
        foreach ($twice as $row) {
            $row = (array) $row;
            $text = fn (string $name): string => is_string($row[$name] ?? null) ? $row[$name] : '';
            $test = TestCatalogue::test($text('test'));
            $one = $test?->measure((array) json_decode($text('raw'), true), $this->parameters) ?? [];
            $other = $test?->measure((array) json_decode($text('other_raw'), true), $this->parameters) ?? [];
            foreach ($one as $i => $measured) {
                if (isset($other[$i]) && $other[$i]->sign === $measured->sign) {
                    $pairs[] = [
                        'head' => $text('head_name'),
                        'date' => $text('date'),
                        'sign' => $measured->sign->value,
                        'one' => $text('by'),
                        'other' => $text('other_by'),
                        'values' => [round($measured->value, 1), round($other[$i]->value, 1)],
                    ];
                }
            }
        }

        return $pairs;
    }

    private function sameTest(JoinClause $join, string $as): JoinClause
    {
        foreach (['head_id', 'date', 'test', 'moment'] as $column) {
            $join->on("{$as}.{$column}", '=', "both.{$column}");
        }

        return $join->whereRaw("{$as}.zone <=> both.zone");
    }

    /**
     * How far one reading repeats another, by sign: the standard deviation of a single reading, from pairs.
     *
     * @param list<array{sign: string, values: array{float, float}}> $pairs
     *
     * @return array<string, array{sd: float, pairs: int}>
     */
    private function repeatability(array $pairs): array
    {
        $squares = [];
        foreach ($pairs as $pair) {
            $squares[$pair['sign']][] = ($pair['values'][0] - $pair['values'][1]) ** 2 / 2;
        }

        return array_map(
            fn (array $of): array => ['sd' => round(sqrt(array_sum($of) / count($of)), 2), 'pairs' => count($of)],
            $squares,
        );
    }

    /** @return array<string, string> what a bias is shown in, by sign: a count's is a share */
    private function units(): array
    {
        $units = [];
        foreach (Sign::cases() as $sign) {
            $units[$sign->value] = $sign->isCount() ? '%' : Words::of("sign_units.{$sign->value}");
        }

        return $units;
    }
}
