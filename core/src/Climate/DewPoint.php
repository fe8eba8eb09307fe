<?php

declare(strict_types=1);

namespace Nagomi\Core\Climate;

use InvalidArgumentException;

/**
 * The temperature at which the air's water would settle as dew: Magnus' formula with the constants of
 * O. A. Alduchov and R. E. Eskridge, J Appl Meteorol 1996;35:601–609 (a = 17.625, b = 243.04 °C), good to 0.1 °C from
 * −40 to 50 °C.
 */
final class DewPoint
{
    /** Where nobody measured the temperature. */
    public const ROOM_CELSIUS = 20.0;

    private const A = 17.625;
    private const B_CELSIUS = 243.04;

    /**
     * @param float $celsius         air temperature, −40 to 60 °C
     * @param float $humidityPercent above 0 to 100
     *
     * @return float dew point in °C
     *
     * @throws InvalidArgumentException outside those ranges
     */
    public static function celsius(float $celsius, float $humidityPercent): float
    {
        if (is_nan($celsius) || $celsius < -40 || $celsius > 60) {
            throw new InvalidArgumentException('Temperature: give −40 to 60 °C.');
        }
        if (is_nan($humidityPercent) || $humidityPercent <= 0 || $humidityPercent > 100) {
            throw new InvalidArgumentException('Humidity: give above 0 to 100 %.');
        }
        $gamma = log($humidityPercent / 100) + self::A * $celsius / (self::B_CELSIUS + $celsius);

        return self::B_CELSIUS * $gamma / (self::A - $gamma);
    }
}
