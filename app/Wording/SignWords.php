<?php

declare(strict_types=1);

namespace App\Wording;

/** How a sign and its unit are said together. */
final readonly class SignWords
{
    /** @return string what stands between a value and the name; nothing where the name says it: 3 broken hairs */
    public static function unit(string $sign): string
    {
        $unit = Words::of("sign_units.{$sign}");

        return str_contains(Words::of("signs.{$sign}"), $unit) ? '' : $unit;
    }
}
