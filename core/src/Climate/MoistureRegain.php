<?php

declare(strict_types=1);

namespace Nagomi\Core\Climate;

/**
 * How much water hair holds in air of a given humidity, in % of its dry mass.
 * Points at 29, 40, 50, 65 and 70 % relative humidity from Robbins, Chemical and Physical Behavior of
 * Human Hair (from memory); straight lines between, dry hair holds none, above 70 % the last slope goes on.
 */
final class MoistureRegain
{
    /** @var list<array{float, float}> humidity in %, regain in % */
    private const POINTS = [
        [0.0, 0.0], [29.0, 6.0], [40.0, 7.6], [50.0, 9.8], [65.0, 12.8], [70.0, 13.6], [100.0, 18.4],
    ];

    /** @param float $relativeHumidityPercent 0 to 100 */
    public static function percentAt(float $relativeHumidityPercent): float
    {
        $humidity = max(0.0, min(100.0, $relativeHumidityPercent));
        $fromHumidity = $fromRegain = 0.0;
        foreach (self::POINTS as $point) {
            $width = $point[0] - $fromHumidity;
            if ($humidity <= $point[0] && $width > 0.0) {
                return $fromRegain + ($point[1] - $fromRegain) * ($humidity - $fromHumidity) / $width;
            }
            $fromHumidity = $point[0];
            $fromRegain = $point[1];
        }

        return $fromRegain;
    }
}
