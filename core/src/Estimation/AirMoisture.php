<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use DateTimeImmutable;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Climate\MoistureRegain;
use Nagomi\Core\Parameters\ModelParameters;

/** The moisture the air holds in hair, day by day, and how hair fades towards it. */
final class AirMoisture
{
    /** The moisture that air of this humidity keeps in hair left to itself, 0 to 100. */
    public static function at(float $humidityPercent, ModelParameters $model): float
    {
        return $model->airMoistureAtReference
            + $model->airMoisturePerRegainPoint * (
                MoistureRegain::percentAt($humidityPercent) - $model->regainAtReferencePercent
            );
    }

    /**
     * The moisture the air holds in hair on each of the days.
     *
     * @return non-empty-list<float>
     */
    public static function onDays(
        Humidity $humidity,
        int $days,
        ?DateTimeImmutable $from,
        ModelParameters $model,
    ): array {
        if ($from === null || $humidity->year === []) {
            return array_fill(0, max(1, $days), self::at($humidity->usualPercent, $model));
        }
        $airs = [];
        for ($day = $from, $i = 0; $i < $days; $i++) {
            $day = $day->modify('+1 day');
            $airs[] = self::at($humidity->percentOn($day), $model);
        }
        assert($airs !== []);

        return $airs;
    }

    /**
     * Moisture after days in changing air, each day in closed form, and its slope against the log of the rate.
     *
     * @param non-empty-list<float> $airs by day
     *
     * @return array{float, float}
     */
    public static function faded(float $moisture, float $rate, array $airs): array
    {
        $keptADay = exp(-$rate);
        $slope = 0.0;
        foreach ($airs as $air) {
            $slope = $keptADay * ($slope - $rate * ($moisture - $air));
            $moisture = $air + ($moisture - $air) * $keptADay;
        }

        return [$moisture, $slope];
    }
}
