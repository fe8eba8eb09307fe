<?php

declare(strict_types=1);

namespace App\Care;

/** One word or sentence of lang/en/nagomi.php. */
final class Words
{
    /** @param array<string, string> $with what stands in its places */
    public static function of(string $key, array $with = []): string
    {
        $words = trans("nagomi.{$key}", $with);

        return is_string($words) ? $words : $key;
    }
}
