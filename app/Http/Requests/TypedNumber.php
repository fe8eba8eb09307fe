<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A number as somebody typed it: with a comma or a point, with spaces around. */
final class TypedNumber
{
    /**
     * @return int|float|string|null the number, null where nothing was typed, or the text as it was where it is no
     * number
     */
    public static function from(mixed $typed): int|float|string|null
    {
        if (! is_string($typed)) {
            return is_int($typed) || is_float($typed) ? $typed : null;
        }
        $text = str_replace([',', '−', "\u{00A0}"], ['.', '-', ''], trim($typed));
        if ($text === '') {
            return null;
        }
        if (preg_match('/^[+-]?\d+$/', $text) === 1 && strlen($text) < 16) {
            return (int) $text;
        }

        return preg_match('/^[+-]?(\d+\.?\d*|\.\d+)$/', $text) === 1 ? (float) $text : $typed;
    }
}
