<?php

declare(strict_types=1);

namespace Nagomi\Core\Climate;

/**
 * Three invented climates that ship with the product, a simulated weather station's year of hourly data each, made by
 * bin/climates.
 * A salon may put its own file in their place.
 */
enum ShippedClimate: string
{
    case Harbour = 'harbour';
    case Upland = 'upland';
    case Plain = 'plain';

    /** The file of its year, as {@see WeatherFile} reads it. */
    public function file(): string
    {
        return dirname(__DIR__, 2) . "/data/climates/{$this->value}.csv";
    }
}
