<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Wording\Said;

/**
 * A wash day as it is laid out: what hands do as filled bars, what goes on by itself as hollow ones. Of a tick it says
 * which end of its label stands there.
 *
 * @phpstan-type Tick array{x: float, label: string, at: 'start'|'middle'|'end'}
 */
final readonly class WashDayLine
{
    public const WIDTH = 1040;
    public const HEIGHT = 96;
    public const LEFT = 6;
    public const RIGHT = 1034;

    /** y of the two rows of bars, and their height. */
    public const HANDS_Y = 44;
    public const ALONE_Y = 16;
    public const BAR = 20;

    /** A bar of a minute is still seen, in px. */
    private const LEAST_WIDE = 3.0;

    /** Half as wide as the widest label on the smallest screen, in px: one nearer to the end would be cut. */
    private const HALF_LABEL = 40.0;

    /** Between two ticks of the clock, in minutes, and the most ticks there is room for. */
    private const TICK_MINUTES = [15, 30, 60, 120];
    private const MOST_TICKS = 10;

    /**
     * @param list<array{x: float, width: float, says: string}> $hands
     * @param list<array{x: float, width: float, says: string}> $alone
     * @param list<Tick>                                        $ticks
     */
    private function __construct(public array $hands, public array $alone, public array $ticks)
    {
    }

    /** @param list<array<string, mixed>> $steps as laid out: start_minutes, hands_on_minutes, waiting_minutes, label */
    public static function of(array $steps): self
    {
        $bars = [];
        foreach ($steps as $step) {
            $start = self::number($step, 'start_minutes');
            if ($start !== null) {
                $bars[] = [
                    $start,
                    self::number($step, 'hands_on_minutes') ?? 0.0,
                    self::number($step, 'waiting_minutes') ?? 0.0,
                    Said::kept($step['label'] ?? ''),
                ];
            }
        }
        $end = max([1.0, ...array_map(static fn (array $bar): float => $bar[0] + $bar[1] + $bar[2], $bars)]);
        $x = static fn (float $minutes): float => round(
            self::LEFT + $minutes / $end * (self::RIGHT - self::LEFT),
            1,
        );
        $bar = static fn (float $from, float $minutes, string $label): array => [
            'x' => $x($from), 'width' => max(self::LEAST_WIDE, round($x($from + $minutes) - $x($from) - 1.5, 1)),
            'says' => $label,
        ];
        $hands = $alone = [];
        foreach ($bars as [$start, $handsOn, $waiting, $label]) {
            if ($handsOn > 0) {
                $hands[] = $bar($start, $handsOn, $label);
            }
            if ($waiting > 0) {
                $alone[] = $bar($start + $handsOn, $waiting, $label);
            }
        }

        return new self($hands, $alone, self::ticks($end, $x));
    }

    /**
     * @param callable(float): float $x
     *
     * @return list<Tick> hours and minutes from the beginning
     */
    private static function ticks(float $end, callable $x): array
    {
        $fits = array_filter(
            self::TICK_MINUTES,
            static fn (int $minutes): bool => $end / $minutes <= self::MOST_TICKS,
        );
        $every = $fits === [] ? self::TICK_MINUTES[3] : min($fits);
        $ticks = [];
        for ($minutes = 0; $minutes <= $end; $minutes += $every) {
            $ticks[] = [
                'x' => $x($minutes),
                'label' => sprintf('%d:%02d', intdiv($minutes, 60), $minutes % 60),
                'at' => match (true) {
                    $minutes === 0 => 'start',
                    $x($minutes) > self::RIGHT - self::HALF_LABEL => 'end',
                    default => 'middle',
                },
            ];
        }

        return $ticks;
    }

    /** @param array<string, mixed> $step */
    private static function number(array $step, string $name): ?float
    {
        return is_int($step[$name] ?? null) || is_float($step[$name] ?? null) ? (float) $step[$name] : null;
    }
}
