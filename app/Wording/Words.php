<?php

declare(strict_types=1);

namespace App\Wording;

/** Words and numbers in the language of whoever reads. */
final class Words
{
    /** @param array<string, string> $with what stands in its places */
    public static function of(string $key, array $with = []): string
    {
        $words = trans("nagomi.{$key}", $with);

        return is_string($words) ? $words : $key;
    }

    /**
     * A sentence by its whole key, such as data-transfer.no-name.
     *
     * @param array<string, string|int|float> $with
     */
    public static function say(string $key, array $with = []): string
    {
        $words = trans($key, $with);

        return is_string($words) ? $words : $key;
    }

    /** A number as it is set in type; what was rounded to nothing has no sign. */
    public static function number(mixed $number): string
    {
        $value = is_numeric($number) ? (float) $number : 0.0;

        return $value === 0.0 ? '0' : self::set((string) $value);
    }

    /** A number with its sign, as it is set in type. */
    public static function signed(mixed $number): string
    {
        $value = is_numeric($number) ? (float) $number : 0.0;

        return ($value < 0 ? '−' : '+') . self::set(number_format(abs($value), 1));
    }

    /** @param float $value with so many decimals, less than nothing with a minus as it is set in type */
    public static function rounded(float $value, int $decimals): string
    {
        return self::set(number_format($value, $decimals, '.', ''));
    }

    private static function set(string $number): string
    {
        return strtr($number, ['-' => '−', '.' => self::say('core/wording.decimal-sign')]);
    }
}
