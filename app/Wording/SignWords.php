<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Facades\Lang;

/** How a sign, its value and its unit are said together: 3 broken hairs, 1 day the style lasted. */
final readonly class SignWords
{
    /**
     * @param float|null $value that it stands behind
     *
     * @return string what stands between a value and the name; nothing where the name says it
     */
    public static function unit(string $sign, ?float $value = null): string
    {
        $unit = Words::of("sign_units.{$sign}");

        return str_contains(Words::of("signs.{$sign}"), $unit)
            ? ''
            : self::ofOne('sign_units', $sign, $value) ?? $unit;
    }

    /** @param float $value that it stands behind */
    public static function name(string $sign, float $value): string
    {
        return self::ofOne('signs', $sign, $value) ?? Words::of("signs.{$sign}");
    }

    /** @param string|null $zone where it was read; null: all over */
    public static function at(?string $zone, string $name): string
    {
        return $zone === null
            ? $name
            : Words::say('yardsticks.at-zone', ['sign' => $name, 'zone' => Words::of("zones.{$zone}")]);
    }

    private static function ofOne(string $of, string $sign, ?float $value): ?string
    {
        return $value !== null && round($value, 1) === 1.0 && Lang::has("nagomi.{$of}_of_one.{$sign}")
            ? Words::of("{$of}_of_one.{$sign}")
            : null;
    }
}
