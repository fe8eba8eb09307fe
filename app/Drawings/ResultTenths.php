<?php

declare(strict_types=1);

namespace App\Drawings;

/** Where results fell in what was foretold of each, in ten columns: all of a height where they come as foretold. */
final readonly class ResultTenths
{
    public const WIDTH = 640;
    public const HEIGHT = 170;
    public const FLOOR = 140;

    private const TOP = 12;
    private const GAP = 6;

    /** Room for a column half as high again as it should be; beyond, all shrink. */
    private const TIMES = 1.5;

    /**
     * @param list<array{x: float, y: float, width: float, height: float, percent: int}> $columns from far below to far above
     * @param float $even y of the height that all should have
     */
    private function __construct(public array $columns, public float $even)
    {
    }

    /** @param non-empty-list<int> $tenths results in each */
    public static function of(array $tenths): self
    {
        $all = max(1, array_sum($tenths));
        $even = 1 / count($tenths);
        $most = max(self::TIMES * $even, max($tenths) / $all);
        $room = self::FLOOR - self::TOP;
        $width = (self::WIDTH - self::GAP) / count($tenths) - self::GAP;
        $columns = [];
        foreach ($tenths as $i => $count) {
            $height = round($room * $count / $all / $most, 1);
            $columns[] = [
                'x' => round(self::GAP + $i * ($width + self::GAP), 1), 'y' => self::FLOOR - $height, 'width' => $width,
                'height' => $height, 'percent' => (int) round(100 * $count / $all),
            ];
        }

        return new self($columns, round(self::FLOOR - $room * $even / $most, 1));
    }
}
