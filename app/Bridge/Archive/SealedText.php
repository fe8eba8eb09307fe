<?php

declare(strict_types=1);

namespace App\Bridge\Archive;

use Closure;

/** Finds what is encrypted within a text, such as the trail's, which keeps private values inside its own. */
final readonly class SealedText
{
    /** How an encrypted text begins: {"iv": in base 64. */
    public const BEGINS = 'eyJpdiI6';

    /** Within JSON its strokes are escaped. */
    private const SEALED = '#' . self::BEGINS . '(?:[A-Za-z0-9+=]|\\\\?/)+#';

    /** @param Closure(string): string $anew what stands in place of each, escaped as it was */
    public static function each(string $text, Closure $anew): string
    {
        return (string) preg_replace_callback(self::SEALED, static function (array $found) use ($anew): string {
            $other = $anew(str_replace('\\/', '/', $found[0]));

            return str_contains($found[0], '\\/') ? str_replace('/', '\\/', $other) : $other;
        }, $text);
    }
}
