<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\Salon;
use Illuminate\Support\Facades\Cache;
use Nagomi\Core\Climate\ShippedClimate;
use Nagomi\Core\Climate\WeatherFile;

/** The air about a salon: one of the climates that ship, or the year of its own weather file. */
final readonly class SalonClimate
{
    public const NONE = 'none';
    public const OWN = 'own';

    /** @return array<string, float> daily humidity in % by day of the year; [] where every day is as usual */
    public function year(Salon $salon): array
    {
        if ($salon->climate === self::OWN) {
            return $salon->air ?? [];
        }
        $climate = ShippedClimate::tryFrom($salon->climate);

        return $climate === null ? [] : $this->shipped($climate);
    }

    /** @return array<string, float> */
    private function shipped(ShippedClimate $climate): array
    {
        // The file never changes while the product runs; its name carries its age.
        return Cache::rememberForever(
            "climate.{$climate->value}." . filemtime($climate->file()),
            fn (): array => WeatherFile::year((string) file_get_contents($climate->file())),
        );
    }
}
