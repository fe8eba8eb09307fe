<?php

declare(strict_types=1);

namespace App\Bridge\Tables;

/** Rows as CSV (RFC 4180): in UTF-8, and with nothing that a spreadsheet would take for a formula. */
final class CsvTable
{
    /**
     * @param list<string>                                                  $columns
     * @param iterable<array<int, string|int|float|bool|\Stringable|null>> $rows
     */
    public static function csv(array $columns, iterable $rows): string
    {
        $out = fopen('php://temp', 'w+');
        if ($out === false) {
            return '';
        }
        fputcsv($out, $columns, escape: '', eol: "\r\n");
        foreach ($rows as $row) {
            fputcsv($out, array_map(self::cell(...), $row), escape: '', eol: "\r\n");
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }

    public static function cell(string|int|float|bool|\Stringable|null $value): string
    {
        $text = is_bool($value) ? ($value ? 'yes' : 'no') : (string) $value;

        return FormulaGuard::on($text);
    }
}
