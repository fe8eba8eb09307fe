<?php

declare(strict_types=1);

namespace App\Bridge\Tables;

/**
 * A cell that a spreadsheet would take for a formula is kept a text by an apostrophe before it. It can always be taken
 * off again: a
 * text that begins with such an apostrophe of its own gets one more.
 */
final class FormulaGuard
{
    public static function on(string $cell): string
    {
        return preg_match('/^\'*[=+\-@\t\r]/', $cell) === 1 && ! is_numeric($cell) ? "'{$cell}" : $cell;
    }

    public static function off(string $cell): string
    {
        return preg_match('/^\'+[=+\-@\t\r]/', $cell) === 1 ? substr($cell, 1) : $cell;
    }
}
