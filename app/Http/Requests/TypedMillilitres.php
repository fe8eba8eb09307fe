<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A volume as it stands on a label: 250, 250 ml, 1 L, 25 cl or 8.5 fl oz. */
final class TypedMillilitres
{
    /** US fluid ounce: NIST Handbook 44, appendix C, from memory; what an imperial one differs is less than a pump. */
    private const IN_ONE = ['ml' => 1.0, 'cl' => 10.0, 'l' => 1000.0, 'floz' => 29.5735];

    /** @return int|float|string|null mL, null where nothing was typed, or the text as it was where it is no volume */
    public static function from(mixed $typed): int|float|string|null
    {
        $text = is_string($typed) ? mb_strtolower((string) preg_replace('/[\s.]+$/u', '', $typed)) : '';
        if (! is_string($typed) || preg_match('/^(.*\d)\s*(ml|cl|l|fl\.?\s*oz)$/u', $text, $part) !== 1) {
            return TypedNumber::from($typed);
        }
        $number = TypedNumber::from($part[1]);

        return is_int($number) || is_float($number)
            ? round($number * self::IN_ONE[(string) preg_replace('/[\s.]/u', '', $part[2])], 1)
            : $typed;
    }
}
