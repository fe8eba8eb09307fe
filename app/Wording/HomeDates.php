<?php

declare(strict_types=1);

namespace App\Wording;

use Carbon\CarbonInterface;
use NumberFormatter;

/** Days, moments and numbers as a client's language sets them. */
final class HomeDates
{
    public static function day(CarbonInterface $day): string
    {
        return self::set($day, 'home-routine.dates.day');
    }

    /** @param CarbonInterface $moment in the salon's time zone */
    public static function moment(CarbonInterface $moment): string
    {
        return self::set($moment, 'home-routine.dates.moment');
    }

    public static function number(float $value, int $digits): string
    {
        $formatter = new NumberFormatter(app()->getLocale(), NumberFormatter::DECIMAL);
        $formatter->setAttribute(NumberFormatter::FRACTION_DIGITS, $digits);

        return (string) $formatter->format($value);
    }

    private static function set(CarbonInterface $moment, string $key): string
    {
        return $moment->copy()->locale(app()->getLocale())->isoFormat(Words::say($key));
    }
}
