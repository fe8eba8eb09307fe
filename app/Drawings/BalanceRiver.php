<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Wording\Words;
use Carbon\CarbonImmutable;
use DateTimeImmutable;

/**
 * The balance river: moisture rises from the axis, protein falls from it, both as deviations from their targets, so
 * that a head in balance is a symmetrical stream. Now is a weir; downstream, pale, is what is planned: first what today
 * comes to after the wash that is planned for it, where there is one.
 */
final readonly class BalanceRiver
{
    public const WIDTH = 1040;
    public const HEIGHT = 304;
    public const AXIS = 144;
    public const LEFT = 16;
    public const RIGHT = 1024;

    /** Depth of a current at its target, in reserve units; what is drawn is this plus the deviation. */
    private const DEPTH = 40.0;
    private const PIXELS = 1.92;
    private const DEEPEST = 70.0;

    /** z of the 80 % range that the ribbon shows. */
    private const Z_80 = 1.2816;

    /**
     * @param list<array{name: string, moisture: RiverCurrent, protein: RiverCurrent}> $strata
     * @param list<array{x: float, label: string}>                                          $ticks
     * @param list<array{x: float, kinds: list<string>, planned: bool, says: string}>       $stones
     * @param list<float>                                                                   $gauges
     * @param list<array{date: string, x: float, says: list<string>}>                       $days
     * @param array{float, float, float, float} $bands y of the comfort bands: moisture from, to; protein from, to
     */
    private function __construct(
        public array $strata,
        public array $ticks,
        public array $stones,
        public array $gauges,
        public array $days,
        public float $todayX,
        public array $bands,
        public bool $washesToday,
    ) {
    }

    /**
     * @param StoredRiver $river         as an outlook stores it
     * @param float       $bandHalfWidth of the comfort bands, in points of the reserve
     */
    public static function of(array $river, float $bandHalfWidth): self
    {
        $from = CarbonImmutable::parse($river['from']);
        $now = max(0, count($river['strata'][0]['days']) - 1);
        $count = $now + count($river['strata'][0]['ahead']);
        $step = (self::RIGHT - self::LEFT) / max(1, $count - 1);
        $x = fn (int $day): float => round(self::LEFT + $day * $step, 1);
        $dayOf = fn (string $date): int => (int) round($from->diffInDays(CarbonImmutable::parse($date)));
        $washesToday = array_filter(
            $river['stones'],
            fn (array $stone): bool => $stone['planned'] && $stone['date'] === $river['today'],
        ) !== [];
        $strata = array_map(fn (array $stratum): array => [
            'name' => $stratum['name'],
            'moisture' => self::current($stratum, 0, $stratum['targets'][0], -1, $x),
            'protein' => self::current($stratum, 2, $stratum['targets'][1], 1, $x),
        ], $river['strata']);
        return new self(
            $strata,
            self::ticks($from, $count, $x),
            self::stones($river, $dayOf, $count, $x),
            array_map(fn (string $date): float => $x($dayOf($date)), $river['gauges']),
            self::days($river, $from, $x, $washesToday),
            $x($dayOf($river['today'])),
            [
                self::AXIS - (self::DEPTH + $bandHalfWidth) * self::PIXELS,
                self::AXIS - (self::DEPTH - $bandHalfWidth) * self::PIXELS,
                self::AXIS + (self::DEPTH - $bandHalfWidth) * self::PIXELS,
                self::AXIS + (self::DEPTH + $bandHalfWidth) * self::PIXELS,
            ],
            $washesToday,
        );
    }

    /**
     * @param StoredRiver           $river
     * @param callable(string): int $dayOf day of a date
     * @param callable(int): float  $x
     *
     * @return list<array{x: float, kinds: list<string>, planned: bool, says: string}> within the picture
     */
    private static function stones(array $river, callable $dayOf, int $count, callable $x): array
    {
        $stones = [];
        foreach ($river['stones'] as $stone) {
            $day = $dayOf($stone['date']);
            if ($day >= 0 && $day < $count) {
                $stones[] = [
                    'x' => $x($day),
                    'kinds' => $stone['kinds'],
                    'planned' => $stone['planned'],
                    'says' => CarbonImmutable::parse($stone['date'])->format('j M')
                        . ': '
                        . implode(', ', $stone['kinds'])
                        . ($stone['planned'] ? ', planned' : ''),
                ];
            }
        }

        return $stones;
    }

    /**
     * @param StoredCurrent        $stratum
     * @param 0|2                  $at   place of the mean in a day; the sd follows it
     * @param int                  $side −1 above the axis, 1 below
     * @param callable(int): float $x
     *
     * @return RiverCurrent until now, and from now on as planned; y of now and of what today comes to after its wash
     */
    private static function current(array $stratum, int $at, float $target, int $side, callable $x): array
    {
        $y = fn (float $reserve): float => round(
            self::AXIS + $side * self::PIXELS * max(0.0, min(self::DEEPEST, self::DEPTH + $reserve - $target)),
            1,
        );
        [$until, $ahead] = [$stratum['days'], $stratum['ahead']];
        $now = max(0, count($until) - 1);
        // What is planned begins with now, and rises or falls to what today's wash makes of it.
        $points = array_map(fn (int $i, array $day): array => [$now + $i, $day], array_keys($ahead), $ahead);
        $planned = [...$until === [] ? [] : [[$now, $until[$now]]], ...$points];

        return [
            'until' => self::paths(array_map(fn (int $i): array => [$i, $until[$i]], array_keys($until)), $at, $x, $y),
            'planned' => self::paths($planned, $at, $x, $y),
            'now' => $until === [] ? null : $y($until[$now][$at]),
            'after' => $ahead === [] ? null : $y($ahead[0][$at]),
        ];
    }

    /**
     * @param list<array{int, array{float, float, float, float, float, float}}> $points day and what it holds
     * @param 0|2                    $at
     * @param callable(int): float   $x
     * @param callable(float): float $y
     *
     * @return array{line: string, ribbon: string, area: string}|null null where there is nothing to draw
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
        [$first, $last] = [$x($points[0][0]), $x($points[count($points) - 1][0])];

        return [
            'line' => 'M' . implode('L', $line),
            'ribbon' => 'M' . implode('L', $outer) . 'L' . implode('L', array_reverse($inner)) . 'Z',
            'area' => "M{$first} " . self::AXIS . 'L' . implode('L', $line) . "L{$last} " . self::AXIS . 'Z',
        ];
    }

    /**
     * @param callable(int): float $x
     *
     * @return list<array{x: float, label: string}> the first Monday of every fourth week, far enough apart to read
     */
    private static function ticks(CarbonImmutable $from, int $count, callable $x): array
    {
        $ticks = [];
        $first = (8 - $from->dayOfWeekIso) % 7;
        for ($day = $first; $day < $count; $day += 21) {
            $ticks[] = ['x' => $x($day), 'label' => $from->addDays($day)->format('j M')];
        }

        return $ticks;
    }

    /**
     * @param StoredRiver          $river
     * @param callable(int): float $x
     *
     * @return list<array{date: string, x: float, says: list<string>}> today says how it stands now, and what it comes to
     *     after the wash that is planned for it
     */
    private static function days(array $river, CarbonImmutable $from, callable $x, bool $washesToday): array
    {
        $until = count($river['strata'][0]['days']);
        $now = max(0, $until - 1);
        $words = self::words();
        $says = [];
        for ($i = 0; $i < $until; $i++) {
            $says[$i] = [self::says($river, $words, 'days', $i, $i === $now ? 'now' : 'was')];
        }
        foreach (array_keys($river['strata'][0]['ahead']) as $i) {
            $planned = self::says($river, $words, 'ahead', $i, $i === 0 && $washesToday ? 'after' : 'planned');
            // Without a wash today is only as it is now.
            $says[$now + $i] = match (true) {
                $i > 0 || $until === 0 => [$planned],
                $washesToday => [...$says[$now] ?? [], $planned],
                default => $says[$now] ?? [$planned],
            };
        }

        $first = new DateTimeImmutable($from->format('Y-m-d'));

        return array_map(fn (int $i): array => [
            'date' => $first->modify("+{$i} days")->format('D j M Y'),
            'x' => $x($i),
            'says' => $says[$i],
        ], array_keys($says));
    }

    /** @return array<string, string> sentences with their places still open: they are filled in a few hundred times */
    private static function words(): array
    {
        $words = ['stands' => Words::say('river.stands'), 'one-part' => Words::say('river.one-part')];
        foreach (['was', 'now', 'after', 'planned'] as $how) {
            $words[$how] = Words::say("river.says.{$how}");
        }

        return $words;
    }

    /**
     * @param StoredRiver                      $river
     * @param array<string, string> $words {@see words}
     * @param 'days'|'ahead'                   $which
     * @param 'was'|'now'|'after'|'planned'    $how
     */
    private static function says(array $river, array $words, string $which, int $i, string $how): string
    {
        $several = count($river['strata']) > 1;
        $parts = [];
        foreach ($river['strata'] as $stratum) {
            [$moisture, $moistureSd, $protein, $proteinSd, $buildUp, $buildUpSd] = $stratum[$which][$i];
            $says = strtr($words['stands'], [
                ':moisture_target' => (string) $stratum['targets'][0],
                ':moisture' => "{$moisture} ± {$moistureSd}",
                ':protein_target' => (string) $stratum['targets'][1],
                ':protein' => "{$protein} ± {$proteinSd}",
                ':build_up' => "{$buildUp} ± {$buildUpSd}",
            ]);
            $parts[] = $several ? strtr($words['one-part'], [':part' => $stratum['name'], ':stands' => $says]) : $says;
        }

        return strtr($words[$how], [':stands' => implode('; ', $parts)]);
    }
}
