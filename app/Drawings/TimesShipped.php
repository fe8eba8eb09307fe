<?php

declare(strict_types=1);

namespace App\Drawings;

/** A salon's own number beside the one that ships, as so many times it: half on the left edge, twice on the right. */
final readonly class TimesShipped
{
    public const WIDTH = 300;

    /** What ships stands in the middle. */
    public const SHIPPED = self::WIDTH / 2;

    private const MOST = 2.0;

    private function __construct(public float $dot, public float $from, public float $to)
    {
    }

    /**
     * @param float               $times    the number that ships
     * @param array{float, float} $interval of it
     */
    public static function of(float $times, array $interval): self
    {
        return new self(self::x($times), self::x($interval[0]), self::x($interval[1]));
    }

    private static function x(float $times): float
    {
        $share = log(max(1e-9, $times)) / log(self::MOST);

        return round((1 + max(-1.0, min(1.0, $share))) * self::SHIPPED, 1);
    }
}
