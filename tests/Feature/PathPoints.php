<?php

declare(strict_types=1);

namespace Tests\Feature;

/** Path data with steps, read back: each point where it is. */
final class PathPoints
{
    /** @return string the same path with an L before each point but the first of a piece */
    public static function absolute(string $path): string
    {
        $at = [0.0, 0.0];

        return (string) preg_replace_callback(
            '/([Ml])(-?[\d.]+)[ ]?(-?[\d.]+)/',
            function (array $part) use (&$at): string {
                [, $kind, $x, $y] = $part;
                $at = $kind === 'M'
                    ? [(float) $x, (float) $y]
                    : [round($at[0] + (float) $x, 1), round($at[1] + (float) $y, 1)];

                return ($kind === 'M' ? 'M' : 'L') . "{$at[0]} {$at[1]}";
            },
            $path,
        );
    }
}
