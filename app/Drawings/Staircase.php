<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;

/**
 * How a reserve came to where it is: from the start step by step to now, higher is more; the band is where this hair is
 * comfortable. Over many days each has one step, of all that happened on it.
 */
final readonly class Staircase
{
    public const WIDTH = 1040;
    public const HEIGHT = 360;
    public const LEFT = 16;
    public const RIGHT = 1024;
    public const BOTTOM = 318;
    private const TOP = 20;

    /** Steps more than these are drawn one a day. */
    private const MOST_STEPS = 44;

    /** A step is no wider than that, in px. */
    private const MOST_WIDE = 84.0;

    /** Dates are no nearer than that, in px. */
    private const DATES_APART = 62.0;

    /** A step of nothing is still seen, in px. */
    private const LEAST_HIGH = 2.0;

    /** Points of room above and below what is drawn. */
    private const ROOM = 4.0;

    /**
     * @param list<array{x: float, y: float, width: float, height: float, kind: string, up: bool, says: string,
     *     fromY: float, toY: float}> $steps
     * @param list<array{x: float, label: string}> $dates
     * @param array{float, float}                  $band  y of its upper and lower edge
     * @param array{x: float, y: float}            $start where it begins
     * @param array{x: float, y: float}            $now
     */
    private function __construct(
        public array $steps,
        public array $dates,
        public array $band,
        public array $start,
        public array $now,
        public float $width,
    ) {
    }

    /**
     * @param int $start in tenths of a point
     * @param list<array{date: CarbonImmutable, steps: list<Step>}> $days oldest first
     * @param array{float, float} $comfort least and most that this hair likes, in points
     */
    public static function of(int $start, array $days, array $comfort): self
    {
        $count = array_sum(array_map(static fn (array $day): int => count($day['steps']), $days));
        $days = $count > self::MOST_STEPS ? array_map(self::together(...), $days) : $days;
        $count = array_sum(array_map(static fn (array $day): int => count($day['steps']), $days));
        $slot = min(self::MOST_WIDE, (self::RIGHT - self::LEFT) / ($count + 2));
        [$least, $most] = self::range($start, $days, $comfort);
        $y = static fn (float $points): float => round(
            self::BOTTOM - ($points - $least) / ($most - $least) * (self::BOTTOM - self::TOP),
            1,
        );
        $steps = $dates = [];
        $at = 1;
        $level = $start;
        $dated = -self::DATES_APART;
        foreach ($days as $day) {
            $middle = round(self::LEFT + ($at + count($day['steps']) / 2) * $slot, 1);
            if ($day['steps'] !== [] && $middle - $dated >= self::DATES_APART) {
                $dates[] = ['x' => $middle, 'label' => SalonClock::dayInWords($day['date'], 'j M')];
                $dated = $middle;
            }
            foreach ($day['steps'] as $step) {
                $steps[] = self::step($step, self::LEFT + $at++ * $slot, $slot, $y, $day['date']);
                $level = $step->to;
            }
        }

        return new self(
            $steps,
            $dates,
            [$y($comfort[1]), $y($comfort[0])],
            ['x' => self::LEFT, 'y' => $y($start / 10)],
            ['x' => round(self::LEFT + $at * $slot, 1), 'y' => $y($level / 10)],
            round($slot, 1),
        );
    }

    /**
     * @param callable(float): float $y
     *
     * @return array{x: float, y: float, width: float, height: float, kind: string, up: bool, says: string, fromY: float,
     *     toY: float}
     */
    private static function step(Step $step, float $x, float $slot, callable $y, CarbonImmutable $day): array
    {
        [$from, $to] = [$y($step->from / 10), $y($step->to / 10)];

        return [
            'x' => round($x + 1.5, 1), 'y' => min($from, $to), 'width' => round($slot - 3, 1),
            'height' => max(self::LEAST_HIGH, round(abs($from - $to), 1)), 'kind' => $step->kind,
            'up' => $step->tenths() >= 0, 'fromY' => $from, 'toY' => $to,
            'says' => Words::say('ledger.step-says', [
                'day' => SalonClock::dayInWords($day, 'j M'), 'what' => Words::say("ledger.kinds.{$step->kind}"),
                'by' => Words::signed($step->tenths() / 10),
            ]),
        ];
    }

    /**
     * @param array{date: CarbonImmutable, steps: list<Step>} $day
     *
     * @return array{date: CarbonImmutable, steps: list<Step>} with one step
     */
    private static function together(array $day): array
    {
        $first = $day['steps'][0] ?? null;
        $last = $day['steps'][count($day['steps']) - 1] ?? null;

        return $first === null || $last === null ? $day : [
            'date' => $day['date'],
            'steps' => [new Step('all', $first->from, $last->to, [])],
        ];
    }

    /**
     * @param list<array{date: CarbonImmutable, steps: list<Step>}> $days
     * @param array{float, float} $comfort
     *
     * @return array{float, float} points at the lower and the upper edge
     */
    private static function range(int $start, array $days, array $comfort): array
    {
        $levels = [$start / 10, ...$comfort];
        foreach ($days as $day) {
            foreach ($day['steps'] as $step) {
                $levels[] = $step->to / 10;
            }
        }

        return [min($levels) - self::ROOM, max($levels) + self::ROOM];
    }
}
