<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;

/** How much of the hair was in balance, week by week, as columns from 0 to 100 %. */
final readonly class SharesByWeek
{
    public const WIDTH = 1040;
    public const HEIGHT = 260;
    public const LEFT = 66;
    public const RIGHT = 1030;

    /** y of 0 % and of 100 %. */
    public const BOTTOM = 222;
    private const TOP = 14;

    /** Of a week's width. */
    private const COLUMN = 0.72;

    /** A column is no wider than that, in px. */
    private const MOST_WIDE = 84.0;

    /** Dates stand under about so many of them. */
    private const DATES = 9;

    /** Beyond so many their numbers would lie on one another: only what has a date under it is told in numbers. */
    private const ALL_TOLD = 20;

    /**
     * @param list<array{x: float, y: float, width: float, height: float, middle: float, percent: int, says: string,
     *     label: string, isTold: bool}> $columns label: the week's first day, where there is room for it; isTold:
     *     whether its percent stands over it
     * @param list<array{y: float, label: string}> $lines
     */
    private function __construct(public array $columns, public array $lines)
    {
    }

    /** @param list<array{from: string, share: float}> $weeks oldest first; share 0 to 1 */
    public static function of(array $weeks): self
    {
        $step = (self::RIGHT - self::LEFT) / max(1, count($weeks));
        $width = min(self::MOST_WIDE, self::COLUMN * $step);
        $every = (int) max(1, ceil(count($weeks) / self::DATES));
        $columns = [];
        foreach ($weeks as $i => $week) {
            $isDated = $i % $every === 0;
            $middle = self::LEFT + ($i + 0.5) * $step;
            $percent = (int) round(100 * $week['share']);
            $day = CarbonImmutable::parse($week['from']);
            $columns[] = [
                'x' => round($middle - $width / 2, 1), 'y' => self::y($week['share']), 'width' => round($width, 1),
                'height' => round(self::BOTTOM - self::y($week['share']), 1), 'middle' => round($middle, 1),
                'percent' => $percent, 'label' => $isDated ? SalonClock::dayInWords($day, 'j M') : '',
                'isTold' => $isDated || count($weeks) <= self::ALL_TOLD,
                'says' => Words::say(
                    'reports.balance.week',
                    ['day' => SalonClock::dayInWords($day, 'j M'), 'percent' => $percent],
                ),
            ];
        }

        return new self($columns, array_map(
            static fn (float $share): array => ['y' => self::y($share), 'label' => round(100 * $share) . ' %'],
            [0.0, 0.5, 1.0],
        ));
    }

    private static function y(float $share): float
    {
        return round(self::BOTTOM - max(0.0, min(1.0, $share)) * (self::BOTTOM - self::TOP), 1);
    }
}
