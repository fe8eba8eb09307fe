<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/**
 * How fast a product goes, from the gaps between the days it was used on: what the first of them took lies before all
 * gaps and is left out, or two uses a month apart would count as two a month.
 */
final class UsePace
{
    /** Uses of one week say little of a pace; no gap counts as shorter than that in all. */
    private const LEAST_DAYS = 7;

    /**
     * @param array<int, float> $mlByDay what was used, by day counted from anywhere
     * @param int               $today   counted from the same day
     *
     * @return float|null mL a day; null where it was used on fewer than two days
     */
    public static function mlADay(array $mlByDay, int $today): ?float
    {
        ksort($mlByDay);
        $days = array_keys(array_filter($mlByDay, static fn (float $ml): bool => $ml > 0));
        if (count($days) < 2) {
            return null;
        }
        [$first, $last] = [$days[0], $days[count($days) - 1]];
        $longest = max(array_map(
            static fn (int $day, int $before): int => $day - $before,
            array_slice($days, 1),
            array_slice($days, 0, -1),
        ));
        // A gap still open counts once it is longer than any before it: the product may have been given up.
        $until = $today - $last > $longest ? $today : $last;

        return (array_sum($mlByDay) - $mlByDay[$first]) / max(self::LEAST_DAYS, $until - $first);
    }
}
