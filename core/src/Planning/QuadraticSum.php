<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

/** Sums over many days from three of them: exact for whatever runs like a parabola. */
final class QuadraticSum
{
    /** @var array<int, array{float, float, float}> */
    private static array $weights = [];

    /**
     * @param int $days 4 or more
     *
     * @return array{
     *     float, float, float,
     * } weights of the first, the middle and the last day that sum a parabola over all of them exactly
     */
    public static function weights(int $days): array
    {
        if (! isset(self::$weights[$days])) {
            $last = $days - 1;
            $middle = intdiv($last, 2);
            $weights = [0.0, 0.0, 0.0];
            for ($d = 0; $d <= $last; $d++) {
                $weights[0] += ($d - $middle) * ($d - $last) / ($middle * $last);
                $weights[1] += $d * ($d - $last) / ($middle * ($middle - $last));
                $weights[2] += $d * ($d - $middle) / ($last * ($last - $middle));
            }
            self::$weights[$days] = [$weights[0], $weights[1], $weights[2]];
        }

        return self::$weights[$days];
    }
}
