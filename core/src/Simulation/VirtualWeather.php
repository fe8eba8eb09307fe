<?php

declare(strict_types=1);

namespace Nagomi\Core\Simulation;

use Nagomi\Core\Statistics\SeededRandom;

/** A year of days, some dry and some damp, with a memory of a few days. */
final class VirtualWeather
{
    private const MEMORY = 0.75;

    /** @return array<string, float> daily humidity in %, by day of the year as 01-31 */
    public static function year(SeededRandom $chance): array
    {
        $year = [];
        $weather = 0.0;
        $seasons = (float) $chance->between(2, 12);
        for ($day = 0; $day < 365; $day++) {
            $weather = self::MEMORY * $weather + $chance->normal(0, 8 * sqrt(1 - self::MEMORY ** 2));
            $year[gmdate('m-d', 86400 * $day)] = max(
                5.0,
                min(100.0, 62 + $seasons * cos(2 * M_PI * ($day - 15) / 365) + $weather),
            );
        }

        return $year;
    }
}
