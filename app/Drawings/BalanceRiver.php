<?php

declare(strict_types=1);

namespace App\Drawings;

use Carbon\CarbonImmutable;

/**
 * The balance river: moisture rises from the axis, protein falls from it, both as deviations from their targets, so
 * that a head in balance is a symmetrical stream. Today is a weir; downstream the doubt widens.
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
     * @param list<array{
     *     name: string, moisture: array{line: string, ribbon: string, area: string},
     *     protein: array{line: string, ribbon: string, area: string},
     * }> $strata
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
    ) {
    }

    /**
     * @param StoredRiver $river         as an outlook stores it
     * @param float       $bandHalfWidth of the comfort bands, in points of the reserve
     */
    public static function of(array $river, float $bandHalfWidth): self
    {
        $from = CarbonImmutable::parse($river['from']);
        $count = count($river['strata'][0]['days']);
        $step = (self::RIGHT - self::LEFT) / max(1, $count - 1);
        $x = fn (int $day): float => round(self::LEFT + $day * $step, 1);
        $dayOf = fn (string $date): int => (int) round($from->diffInDays(CarbonImmutable::parse($date)));
        $strata = array_map(fn (array $stratum): array => [
            'name' => $stratum['name'],
            'moisture' => self::current($stratum['days'], 0, $stratum['targets'][0], -1, $x),
            'protein' => self::current($stratum['days'], 2, $stratum['targets'][1], 1, $x),
        ], $river['strata']);
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

        return new self(
            $strata,
            self::ticks($from, $count, $x),
            $stones,
            array_map(fn (string $date): float => $x($dayOf($date)), $river['gauges']),
            self::days($river, $from, $x),
            $x($dayOf($river['today'])),
            [
                self::AXIS - (self::DEPTH + $bandHalfWidth) * self::PIXELS,
                self::AXIS - (self::DEPTH - $bandHalfWidth) * self::PIXELS,
                self::AXIS + (self::DEPTH - $bandHalfWidth) * self::PIXELS,
                self::AXIS + (self::DEPTH + $bandHalfWidth) * self::PIXELS,
            ],
        );
    }

    /**
     * @param list<array{float, float, float, float, float, float}> $days
     * @param 0|2                  $at   place of the mean in a day; the sd follows it
     * @param int                  $side −1 above the axis, 1 below
     * @param callable(int): float $x
     *
     * @return array{line: string, ribbon: string, area: string}
     */
    private static function current(array $days, int $at, float $target, int $side, callable $x): array
    {
        $y = fn (float $reserve): float => round(
            self::AXIS + $side * self::PIXELS * max(0.0, min(self::DEEPEST, self::DEPTH + $reserve - $target)),
            1,
        );
        $line = $outer = $inner = [];
        foreach ($days as $i => $day) {
            $line[] = "{$x($i)} {$y($day[$at])}";
            $outer[] = "{$x($i)} {$y($day[$at] + self::Z_80 * $day[$at + 1])}";
            $inner[] = "{$x($i)} {$y($day[$at] - self::Z_80 * $day[$at + 1])}";
        }

        return [
            'line' => 'M' . implode('L', $line),
            'ribbon' => 'M' . implode('L', $outer) . 'L' . implode('L', array_reverse($inner)) . 'Z',
            'area' => 'M'
                . $x(0)
                . ' '
                . self::AXIS
                . 'L'
                . implode('L', $line)
                . 'L'
                . $x(count($days) - 1)
                . ' '
                . self::AXIS
                . 'Z',
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
     * @return list<array{date: string, x: float, says: list<string>}>
     */
    private static function days(array $river, CarbonImmutable $from, callable $x): array
    {
        $days = [];
        for ($i = 0; $i < count($river['strata'][0]['days']); $i++) {
            $says = [];
            foreach ($river['strata'] as $stratum) {
                [$moisture, $moistureSd, $protein, $proteinSd, $buildUp, $buildUpSd] = $stratum['days'][$i];
                $says[] = (count($river['strata']) > 1 ? "{$stratum['name']}: " : '')
                    . "moisture {$moisture} ± {$moistureSd} (target {$stratum['targets'][0]}), protein {$protein} ± {$proteinSd} (target {$stratum['targets'][1]}), build-up {$buildUp} ± {$buildUpSd}";
            }
            $days[] = ['date' => $from->addDays($i)->format('D j M Y'), 'x' => $x($i), 'says' => $says];
        }

        return $days;
    }
}
