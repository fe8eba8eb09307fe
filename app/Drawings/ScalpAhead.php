<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Wording\SalonClock;
use Carbon\CarbonImmutable;

/**
 * Oil and flakes of a scalp through the weeks ahead, each against the limit from which something is done about it: the
 * line across is that limit for both.
 */
final readonly class ScalpAhead
{
    public const WIDTH = 600;
    public const HEIGHT = 132;
    public const LEFT = 8;
    private const RIGHT = 592;
    private const TOP = 8;
    public const BOTTOM = 108;

    /** The picture reaches so many limits high. */
    private const MOST_LIMITS = 1.6;

    /** Half-width of an 80 % range in standard deviations. */
    private const RANGE_SD = 1.2816;

    /**
     * @param string                               $oil        path of the expected oil
     * @param string                               $oilBand    its 80 % range
     * @param string                               $flakes     path of the expected flakes
     * @param string                               $flakesBand their 80 % range
     * @param float                                $limitY     height of the limit
     * @param list<array{x: float, word: string}>  $weeks
     */
    private function __construct(
        public string $oil,
        public string $oilBand,
        public string $flakes,
        public string $flakesBand,
        public float $limitY,
        public array $weeks,
    ) {
    }

    /**
     * @param list<array{float, float, float, float}> $ahead oil and flakes with their standard deviations, by day
     * @param float $oilLimit    points of 10
     * @param float $flakesLimit points of 80
     */
    public static function of(array $ahead, float $oilLimit, float $flakesLimit, CarbonImmutable $today): self
    {
        $days = max(1, count($ahead) - 1);
        $x = static fn (int $day): float => round(self::LEFT + (self::RIGHT - self::LEFT) * $day / $days, 1);
        $y = static fn (float $limits): float => round(
            self::BOTTOM - (self::BOTTOM - self::TOP) * max(0.0, min(self::MOST_LIMITS, $limits)) / self::MOST_LIMITS,
            1,
        );
        $line = $upper = $lower = [[], []];
        foreach ($ahead as $day => [$oil, $oilSd, $flakes, $flakesSd]) {
            foreach ([
                [$oil, $oilSd, $oilLimit],
                [$flakes, $flakesSd, $flakesLimit],
            ] as $which => [$mean, $sd, $limit]) {
                $line[$which][] = $x($day) . ' ' . $y($mean / $limit);
                $upper[$which][] = $x($day) . ' ' . $y(($mean + self::RANGE_SD * $sd) / $limit);
                $lower[$which][] = $x($day) . ' ' . $y(($mean - self::RANGE_SD * $sd) / $limit);
            }
        }
        $band = static fn (int $which): string => $upper[$which] === []
            ? ''
            : 'M' . implode('L', [...$upper[$which], ...array_reverse($lower[$which])]) . 'Z';

        return new self(
            self::path($line[0]),
            $band(0),
            self::path($line[1]),
            $band(1),
            $y(1.0),
            array_map(static fn (int $week): array => [
                'x' => $x(14 * $week), 'word' => SalonClock::dayInWords($today->addWeeks(2 * $week), 'j M'),
            ], range(0, intdiv($days, 14))),
        );
    }

    /** @param list<string> $points */
    private static function path(array $points): string
    {
        return $points === [] ? '' : 'M' . implode('L', $points);
    }
}
