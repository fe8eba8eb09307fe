<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Wording\Said;
use App\Wording\SalonClock;
use Carbon\CarbonImmutable;

/**
 * The hair balance: moisture and protein on one band, each as its distance from what this hair likes; higher is more,
 * in both. The gap between them, tinted by what leads, is the imbalance. Left of now is what was, right of it, faded,
 * what is planned: first what today comes to after the wash that is planned for it, where there is one.
 */
final readonly class HairBalance
{
    public const WIDTH = 1040;
    public const HEIGHT = 410;
    public const LEFT = 16;
    public const RIGHT = 1024;

    /** y of what this hair likes: no distance. */
    public const MIDDLE = 180;

    /** y of the strip that says what was done, and of the tests beneath it. */
    public const DONE_Y = 358;
    public const TESTS_Y = 378;

    /** Points above or below that are drawn at least, and at most: beyond them a current runs along the edge. */
    private const LEAST_FURTHEST = 33.0;
    private const MOST_FURTHEST = 60.0;

    /** px from the middle to the edge. */
    public const DEPTH = 148.0;

    /** Words at the ends of the currents lie at least this far apart, in px. */
    private const WORDS_APART = 17.0;

    /** z of the 80 % range that the ribbon shows. */
    private const Z_80 = 1.2816;

    /**
     * @param list<array{name: string, moisture: BalanceCurrent, protein: BalanceCurrent, gaps: BalanceGaps}> $strata
     * @param list<array{x: float, label: string}>                                    $ticks
     * @param list<array{x: float, kinds: list<string>, planned: bool, says: string}> $washes
     * @param list<float>                                                             $tests x of each visit with tests
     * @param list<array{date: string, x: float, says: list<list<string>>}>           $days  sentences by stratum
     * @param array{float, float}                                                     $band  y of its edges
     */
    private function __construct(
        public array $strata,
        public array $ticks,
        public array $washes,
        public array $tests,
        public array $days,
        public float $todayX,
        public array $band,
        public bool $washesToday,
    ) {
    }

    /**
     * @param StoredBalance $balance       as an outlook stores it
     * @param float         $bandHalfWidth of the comfort band, in points of the reserve
     * @param float|null    $furthest points from the middle to the edge, where pictures are held beside each other; null:
     *     by what this one needs
     * @param string|null $ahead how the days ahead are spoken of: hair-balance.says; null where no day is read in words
     */
    public static function of(
        array $balance,
        float $bandHalfWidth,
        ?float $furthest = null,
        ?string $ahead = 'planned',
    ): self {
        $from = CarbonImmutable::parse($balance['from']);
        $count = max(0, count($balance['strata'][0]['days']) - 1) + count($balance['strata'][0]['ahead']);
        $step = (self::RIGHT - self::LEFT) / max(1, $count - 1);
        $x = fn (int $day): float => round(self::LEFT + $day * $step, 1);
        $dayOf = fn (string $date): int => (int) round($from->diffInDays(CarbonImmutable::parse($date)));
        $washesToday = array_filter(
            $balance['stones'],
            fn (array $stone): bool => $stone['planned'] && $stone['date'] === $balance['today'],
        ) !== [];

        $pixels = self::DEPTH / ($furthest ?? self::furthest($balance));
        // y of points above what this hair likes.
        $y = fn (float $points): float => round(
            self::MIDDLE - max(-self::DEPTH, min(self::DEPTH, $pixels * $points)),
            1,
        );

        return new self(
            array_map(fn (array $stratum): array => self::stratum($stratum, $x, $y), $balance['strata']),
            self::ticks($from, $count, $x),
            self::washes($balance, $dayOf, $count, $x),
            array_map(fn (string $date): float => $x($dayOf($date)), $balance['gauges']),
            $ahead === null ? [] : BalanceDays::of($balance, $bandHalfWidth, $x, $washesToday, $ahead),
            $x($dayOf($balance['today'])),
            [$y($bandHalfWidth), $y(-$bandHalfWidth)],
            $washesToday,
        );
    }

    /**
     * @param StoredBalance $balance
     *
     * @return float points from the middle to the edge, so that whatever is seldom further is seen
     */
    public static function furthest(array $balance): float
    {
        $furthest = self::LEAST_FURTHEST;
        foreach ($balance['strata'] as $stratum) {
            foreach ([...$stratum['days'], ...$stratum['ahead']] as $day) {
                $furthest = max(
                    $furthest,
                    abs($day[0] - $stratum['targets'][0]) + 2,
                    abs($day[2] - $stratum['targets'][1]) + 2,
                );
            }
        }

        return min(self::MOST_FURTHEST, $furthest);
    }

    /**
     * @param StoredCurrent          $stratum
     * @param callable(int): float   $x
     * @param callable(float): float $y of points above what this hair likes
     *
     * @return array{name: string, moisture: BalanceCurrent, protein: BalanceCurrent, gaps: BalanceGaps}
     */
    private static function stratum(array $stratum, callable $x, callable $y): array
    {
        [$until, $ahead] = [$stratum['days'], $stratum['ahead']];
        $now = max(0, count($until) - 1);
        // What is planned begins with now, and rises or falls to what today's wash makes of it.
        $points = array_map(fn (int $i, array $day): array => [$now + $i, $day], array_keys($ahead), $ahead);
        $past = array_map(fn (int $i): array => [$i, $until[$i]], array_keys($until));
        $planned = [...$until === [] ? [] : [[$now, $until[$now]]], ...$points];
        [$last] = array_slice([...$past, ...$points], -1);
        [$moistureEnd, $proteinEnd] = self::apart(
            $y($last[1][0] - $stratum['targets'][0]),
            $y($last[1][2] - $stratum['targets'][1]),
        );

        return [
            'name' => Said::stratum($stratum['name']),
            'moisture' => self::current($past, $planned, 0, $stratum['targets'][0], $moistureEnd, $x, $y),
            'protein' => self::current($past, $planned, 2, $stratum['targets'][1], $proteinEnd, $x, $y),
            'gaps' => [
                'until' => self::gap($past, $stratum['targets'], $x, $y),
                'planned' => self::gap($planned, $stratum['targets'], $x, $y),
            ],
        ];
    }

    /** @return array{float, float} y of two words, pushed apart where they would stand on each other */
    private static function apart(float $moisture, float $protein): array
    {
        $lacks = self::WORDS_APART - abs($moisture - $protein);
        $side = $moisture <= $protein ? 1 : -1;

        return $lacks <= 0
            ? [$moisture, $protein]
            : [round($moisture - $side * $lacks / 2, 1), round($protein + $side * $lacks / 2, 1)];
    }

    /**
     * @param list<BalancePoint>   $past
     * @param list<BalancePoint>   $planned
     * @param 0|2                  $at  place of the mean in a day; the sd follows it
     * @param float                $end y of the word at its end
     * @param callable(int): float   $x
     * @param callable(float): float $level y of points above what this hair likes
     *
     * @return BalanceCurrent until now, and from now on as planned; y of now and of what today comes to after its wash
     */
    private static function current(
        array $past,
        array $planned,
        int $at,
        float $target,
        float $end,
        callable $x,
        callable $level,
    ): array {
        $y = fn (float $reserve): float => $level($reserve - $target);
        $now = $past === [] ? null : $past[count($past) - 1];
        $after = $planned[$past === [] ? 0 : 1] ?? null;

        return [
            'until' => self::paths($past, $at, $x, $y),
            'planned' => self::paths($planned, $at, $x, $y),
            'now' => $now === null ? null : $y($now[1][$at]),
            'after' => $after === null ? null : $y($after[1][$at]),
            'end' => $end,
        ];
    }

    /**
     * @param list<BalancePoint>     $points
     * @param 0|2                    $at
     * @param callable(int): float   $x
     * @param callable(float): float $y
     *
     * @return BalancePath|null null where there is nothing to draw
     */
    private static function paths(array $points, int $at, callable $x, callable $y): ?array
    {
        if ($points === []) {
            return null;
        }
        $line = $outer = $inner = [];
        foreach ($points as [$i, $day]) {
            $line[] = "{$x($i)} {$y($day[$at])}";
            $outer[] = "{$x($i)} {$y($day[$at] + self::Z_80 * $day[$at + 1])}";
            $inner[] = "{$x($i)} {$y($day[$at] - self::Z_80 * $day[$at + 1])}";
        }

        return [
            'line' => RelativePath::of($line),
            'ribbon' => RelativePath::of([...$outer, ...array_reverse($inner)]) . 'Z',
        ];
    }

    /**
     * What lies between the currents, by what leads.
     *
     * @param list<BalancePoint>   $points
     * @param array{float, float}  $targets
     * @param callable(int): float   $x
     * @param callable(float): float $y of points above what this hair likes
     *
     * @return array{moisture: string, protein: string}
     */
    private static function gap(array $points, array $targets, callable $x, callable $y): array
    {
        $edges = array_map(fn (array $point): array => [
            $x($point[0]), $y($point[1][0] - $targets[0]), $y($point[1][2] - $targets[1]),
        ], $points);

        return BalanceGap::of($edges);
    }

    /**
     * @param StoredBalance         $balance
     * @param callable(string): int $dayOf day of a date
     * @param callable(int): float  $x
     *
     * @return list<array{x: float, kinds: list<string>, planned: bool, says: string}> within the picture
     */
    private static function washes(array $balance, callable $dayOf, int $count, callable $x): array
    {
        $washes = [];
        foreach ($balance['stones'] as $stone) {
            $day = $dayOf($stone['date']);
            if ($day >= 0 && $day < $count) {
                $washes[] = [
                    'x' => $x($day),
                    'kinds' => $stone['kinds'],
                    'planned' => $stone['planned'],
                    'says' => BalanceDays::wash($stone),
                ];
            }
        }

        return $washes;
    }

    /**
     * @param callable(int): float $x
     *
     * @return list<array{x: float, label: string}> the first Monday of every third week, far enough apart to read
     */
    private static function ticks(CarbonImmutable $from, int $count, callable $x): array
    {
        $ticks = [];
        $first = (8 - $from->dayOfWeekIso) % 7;
        for ($day = $first; $day < $count; $day += 21) {
            $ticks[] = ['x' => $x($day), 'label' => SalonClock::dayInWords($from->addDays($day), 'j M')];
        }

        return $ticks;
    }
}
