<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Wording\SalonClock;
use Carbon\CarbonImmutable;

/**
 * One sign over months: readings as dots, their moving average as a line, the limits of what is usual as a band,
 * treatments beneath.
 */
final readonly class TrendLine
{
    public const WIDTH = 1000;
    public const HEIGHT = 156;

    /** y of what was done, and of the names of the months, where the picture is no taller. */
    public const DONE_Y = 126;
    public const MONTHS_Y = 148;

    /** px by which a picture that stands alone is taller, and each of two. */
    private const TALLER = [1 => 260, 2 => 110];

    private const LEFT = 44;
    private const RIGHT = 990;
    private const TOP = 10;
    private const BOTTOM = 112;

    /**
     * @param list<array{x: float, y: float, says: string, changed: bool}> $dots
     * @param list<array{x: float, kinds: list<string>}>                   $stones
     * @param list<array{y: float, label: string}>                         $ticks
     * @param list<array{x: float, label: string}>                         $months
     * @param int $taller px more than {@see HEIGHT}
     */
    private function __construct(
        public array $dots,
        public string $line,
        public string $band,
        public array $stones,
        public array $ticks,
        public array $months,
        public int $taller,
    ) {
    }

    /**
     * @param list<array{string, float}> $points date and value, oldest first; at least one
     * @param array<int, array{average: float, lower: float, upper: float, changed: bool}> $chart by place of the point; a
     *     point may have none
     * @param list<array{date: string, kinds: list<string>}>                                   $stones
     * @param int|null $beside pictures on the page, this one with them: few have room to be taller; null: many
     */
    public static function of(
        array $points,
        array $chart,
        array $stones,
        CarbonImmutable $from,
        CarbonImmutable $until,
        ?int $beside = null,
    ): self {
        $taller = self::TALLER[$beside] ?? 0;
        $from = CarbonImmutable::parse(max($from->format('Y-m-d'), $points[0][0] ?? ''));
        $days = max(1.0, $from->diffInDays($until));
        $after = static fn (string $date): float => max(0.0, $from->diffInDays(CarbonImmutable::parse($date)));
        $x = static fn (string $date): float => round(
            self::LEFT + (self::RIGHT - self::LEFT) * $after($date) / $days,
            1,
        );
        [$least, $most, $room] = self::range($points, $chart);
        $y = fn (float $value): float => round(
            $taller + self::BOTTOM - ($taller + self::BOTTOM - self::TOP) * ($value - $least) / ($most - $least),
            1,
        );
        $dots = $line = $upper = $lower = [];
        foreach ($points as $i => [$date, $value]) {
            $dots[] = [
                'x' => $x($date), 'y' => $y($value),
                'says' => SalonClock::dayInWords($date, 'j M Y') . ': ' . round($value, 1),
                'changed' => $chart[$i]['changed'] ?? false,
            ];
            if (isset($chart[$i])) {
                $line[] = $x($date) . ' ' . $y($chart[$i]['average']);
                $upper[] = $x($date) . ' ' . $y($chart[$i]['upper']);
                $lower[] = $x($date) . ' ' . $y($chart[$i]['lower']);
            }
        }

        return new self(
            $dots,
            $line === [] ? '' : 'M' . implode('L', $line),
            $upper === [] ? '' : 'M' . implode('L', [...$upper, ...array_reverse($lower)]) . 'Z',
            array_values(array_map(
                fn (array $stone): array => ['x' => $x($stone['date']), 'kinds' => $stone['kinds']],
                array_filter($stones, fn (array $stone): bool => $stone['date'] >= $from->format('Y-m-d')),
            )),
            self::ticks($least + $room, $most - $room, $room, $y),
            self::months($from, $until, $x),
            $taller,
        );
    }

    /**
     * @param list<array{string, float}>                                             $points
     * @param array<int, array{average: float, lower: float, upper: float, changed: bool}> $chart
     *
     * @return array{float, float, float} the least and the most value shown, and the room beyond what was read
     */
    private static function range(array $points, array $chart): array
    {
        $values = [...array_column($points, 1), ...array_column($chart, 'lower'), ...array_column($chart, 'upper')];
        [$least, $most] = $values === [] ? [0.0, 1.0] : [min($values), max($values)];
        $room = max(0.5, 0.08 * ($most - $least));

        return [$least - $room, $most + $room, $room];
    }

    /**
     * @param callable(float): float $y
     *
     * @return list<array{y: float, label: string}> the least, the most and what lies between
     */
    private static function ticks(float $least, float $most, float $room, callable $y): array
    {
        $decimals = $most - $least + 2 * $room < 5 ? 1 : 0;

        return array_map(fn (float $value): array => [
            'y' => $y($value),
            'label' => (string) round($value, $decimals),
        ], [$least, ($least + $most) / 2, $most]);
    }

    /**
     * @param callable(string): float $x
     *
     * @return list<array{x: float, label: string}>
     */
    private static function months(CarbonImmutable $from, CarbonImmutable $until, callable $x): array
    {
        $months = [];
        $every = $from->diffInMonths($until) > 10 ? 3 : 1;
        for ($month = $from->addMonth()->startOfMonth(); $month->lessThan($until); $month = $month->addMonths($every)) {
            $months[] = [
                'x' => $x($month->format('Y-m-d')),
                'label' => SalonClock::dayInWords($month->format('Y-m-d'), $month->month === 1 ? 'M Y' : 'M'),
            ];
        }

        return $months;
    }
}
