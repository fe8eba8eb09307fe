<?php

declare(strict_types=1);

namespace App\Drawings;

/** How likely things were said to be beside how often they were so: on the line where one can be gone by. */
final readonly class SaidPlot
{
    public const SIZE = 240;

    private const LEFT = 34;
    private const FLOOR = 206;
    private const MOST = 200;

    /** A point for few is small. */
    private const LEAST_RADIUS = 4.0;
    private const MOST_RADIUS = 11.0;
    private const MANY_TIMES = 40;

    /**
     * @param list<array{x: float, y: float, r: float, said: int, was: int, times: int}> $points percent said and was
     * @param array{float, float, float, float} $line of what is said as often as it is so
     */
    private function __construct(public array $points, public array $line)
    {
    }

    /** @param list<StoredSaid> $said groups, from what was hardly thought likely on */
    public static function of(array $said): self
    {
        $points = [];
        foreach ($said as $group) {
            if ($group['times'] > 0) {
                [$likely, $was] = [$group['said'] / $group['times'], $group['was'] / $group['times']];
                $points[] = [
                    'x' => self::x($likely), 'y' => self::y($was),
                    'r' => round(self::LEAST_RADIUS + (self::MOST_RADIUS - self::LEAST_RADIUS)
                        * min(1.0, $group['times'] / self::MANY_TIMES), 1),
                    'said' => (int) round(100 * $likely), 'was' => (int) round(100 * $was), 'times' => $group['times'],
                ];
            }
        }

        return new self($points, [self::x(0.0), self::y(0.0), self::x(1.0), self::y(1.0)]);
    }

    private static function x(float $share): float
    {
        return round(self::LEFT + self::MOST * $share, 1);
    }

    private static function y(float $share): float
    {
        return round(self::FLOOR - self::MOST * $share, 1);
    }
}
