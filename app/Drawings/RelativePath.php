<?php

declare(strict_types=1);

namespace App\Drawings;

/**
 * A run of points as path data: the first where it is, each other as a step from the one before. Half as long as with
 * every point where it is, and a picture of many days is mostly points.
 */
final class RelativePath
{
    /** Of a point and of a step in one unit, so that rounded steps never add up to anything. */
    private const TENTHS = 10;

    /**
     * @param list<string> $points as "x y", each with at most one digit after the point
     *
     * @return string without an end, so that it can be closed; empty where there are none
     */
    public static function of(array $points): string
    {
        $path = '';
        $beforeX = $beforeY = null;
        foreach ($points as $point) {
            [$x, $y] = explode(' ', $point);
            $x = (int) round(self::TENTHS * (float) $x);
            $y = (int) round(self::TENTHS * (float) $y);
            $path .= $beforeX === null ? 'M' . self::pair($x, $y) : 'l' . self::pair($x - $beforeX, $y - $beforeY);
            $beforeX = $x;
            $beforeY = $y;
        }

        return $path;
    }

    private static function pair(int $x, int $y): string
    {
        // A sign parts two numbers as well as a blank does.
        return self::number($x) . ($y < 0 ? '' : ' ') . self::number($y);
    }

    /** @param int $tenths written without what nobody needs to read: .5, not 0.5, and 3, not 3.0 */
    private static function number(int $tenths): string
    {
        $sign = $tenths < 0 ? '-' : '';
        $whole = intdiv(abs($tenths), self::TENTHS);
        $rest = abs($tenths) % self::TENTHS;

        return $sign . ($whole > 0 || $rest === 0 ? $whole : '') . ($rest > 0 ? ".{$rest}" : '');
    }
}
