<?php

declare(strict_types=1);

namespace Nagomi\Core\Air;

use RuntimeException;

/**
 * Three invented climates that ship with the product, a simulated weather station's year of hourly data each
 * (core/data/climates, made by bin/climates). A salon may put its own file in their place.
 */
enum Climate: string
{
    case Harbour = 'harbour';
    case Upland = 'upland';
    case Plain = 'plain';

    public function file(): string
    {
        return dirname(__DIR__, 2) . "/data/climates/{$this->value}.csv";
    }

    /** @return array<string, float> daily mean humidity in %, by day of the year as 01-31 */
    public function year(): array
    {
        /** @var array<string, array<string, float>> $years */
        static $years = [];

        return $years[$this->value] ??= $this->read();
    }

    /** @return array<string, float> */
    private function read(): array
    {
        $csv = file_get_contents($this->file());
        if ($csv === false) {
            throw new RuntimeException("{$this->file()} cannot be read.");
        }

        return WeatherFile::year($csv);
    }
}
