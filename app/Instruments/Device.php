<?php

declare(strict_types=1);

namespace App\Instruments;

/** The instruments the Bench knows, and which raw measures each gives to which test. */
enum Device: string
{
    case MoistureMeter = 'moisture-meter';
    case CombForceGauge = 'comb-force-gauge';
    case Scale = 'scale';
    case HardnessStripReader = 'hardness-strip-reader';
    case WeatherStation = 'weather-station';

    /** The one that gives a measure; null where it is taken by hand. */
    public static function giving(string $test, string $measure): ?self
    {
        return match ("{$test}.{$measure}") {
            'moisture-meter.percent' => self::MoistureMeter,
            'combing-force.newton' => self::CombForceGauge,
            'shed-ball.mass_g', 'water-in-hair.dry_g', 'water-in-hair.wet_g' => self::Scale,
            'hardness.mg_per_l' => self::HardnessStripReader,
            'air.celsius', 'air.humidity_percent', 'moisture-meter.humidity_percent' => self::WeatherStation,
            default => null,
        };
    }
}
