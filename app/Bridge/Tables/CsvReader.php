<?php

declare(strict_types=1);

namespace App\Bridge\Tables;

/**
 * Reads a table as whatever program wrote it: UTF-8, UTF-16 or the Western code page, with commas, semicolons or tabs,
 * with line
 * breaks within quotes. Nothing is guessed about what the columns mean.
 */
final class CsvReader
{
    /** Text of a table; beyond it a page would not have the memory to read it. */
    public const MOST_BYTES = 12_000_000;
    private const MOST_LINES = 20_000;

    /**
     * @return list<array{
     *     int, list<string>,
     * }> the number of its first line in the file, and its cells without the formula guard; empty lines are left out
     */
    public static function lines(string $bytes): array
    {
        $text = self::decoded($bytes);
        $stream = fopen('php://temp', 'w+');
        if ($stream === false) {
            return [];
        }
        fwrite($stream, $text);
        rewind($stream);
        $separator = self::separator($text);
        $lines = [];
        $at = 1;
        $read = 0;
        while (
            count($lines) < self::MOST_LINES
                && ($cells = fgetcsv($stream, separator: $separator, escape: '')) !== false
        ) {
            $first = $at;
            $at += substr_count($text, "\n", $read, (int) ftell($stream) - $read);
            $read = (int) ftell($stream);
            if ($cells !== [null]) {
                $lines[] = [
                    $first,
                    array_map(fn (?string $cell): string => FormulaGuard::off(trim((string) $cell)), $cells),
                ];
            }
        }
        fclose($stream);

        return $lines;
    }

    /** @return array{encoding: string, separator: string} what the program that wrote it took */
    public static function dialect(string $bytes): array
    {
        return ['encoding' => self::encoding($bytes), 'separator' => self::separator(self::decoded($bytes))];
    }

    private static function encoding(string $bytes): string
    {
        return match (true) {
            str_starts_with($bytes, "\xEF\xBB\xBF") => 'UTF-8',
            str_starts_with($bytes, "\xFF\xFE") => 'UTF-16LE',
            str_starts_with($bytes, "\xFE\xFF") => 'UTF-16BE',
            // What is no UTF-8 was written by a program that knows the Western code page alone.
            default => mb_check_encoding($bytes, 'UTF-8') ? 'UTF-8' : 'Windows-1252',
        };
    }

    /** Text in UTF-8, whatever it came in, with line feeds alone. */
    public static function decoded(string $bytes): string
    {
        $encoding = self::encoding($bytes);
        $mark = ['UTF-8' => "\xEF\xBB\xBF", 'UTF-16LE' => "\xFF\xFE", 'UTF-16BE' => "\xFE\xFF"][$encoding] ?? null;
        $plain = $mark !== null && str_starts_with($bytes, $mark) ? substr($bytes, strlen($mark)) : $bytes;
        $text = $encoding === 'UTF-8' ? $plain : (string) mb_convert_encoding($plain, 'UTF-8', $encoding);
        // A mark promises what the rest need not keep.
        $isKept = mb_check_encoding($text, 'UTF-8');
        $text = $isKept ? $text : (string) mb_convert_encoding($text, 'UTF-8', 'Windows-1252');

        return str_replace(["\r\n", "\r", "\0"], ["\n", "\n", ''], $text);
    }

    /** The separator that parts the first line most often, outside quotes. */
    private static function separator(string $text): string
    {
        $first = (string) preg_replace('/"[^"]*"/', '', (string) strtok($text, "\n"));
        $counts = [
            ',' => substr_count($first, ','),
            ';' => substr_count($first, ';'),
            "\t" => substr_count($first, "\t"),
        ];
        arsort($counts);

        return (string) array_key_first($counts);
    }
}
