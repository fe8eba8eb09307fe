<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Salon;
use Illuminate\Support\Facades\Cache;
use Nagomi\Core\Air\Climate;
use Nagomi\Core\Air\WeatherFile;

/** The air about a salon: one of the climates that ship, or the year of its own weather file. */
final class Weather
{
    public const NONE = 'none';
    public const OWN = 'own';

    /** @return array<string, float> daily humidity in % by day of the year; [] where every day is as usual */
    public static function year(Salon $salon): array
    {
        if ($salon->climate === self::OWN) {
            return $salon->air ?? [];
        }
        $climate = Climate::tryFrom($salon->climate);

        return $climate === null ? [] : self::shipped($climate);
    }

    /** @return array<string, float> */
    private static function shipped(Climate $climate): array
    {
        // The file never changes while the product runs; its name carries its age.
        return Cache::rememberForever("climate.{$climate->value}." . filemtime($climate->file()), fn (): array => WeatherFile::year((string) file_get_contents($climate->file())));
    }
}
