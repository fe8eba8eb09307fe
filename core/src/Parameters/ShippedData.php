<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

use RuntimeException;

/** Reads the tables that ship with the core, in core/data. The only class of the core that opens a file. */
final class ShippedData
{
    /**
     * @param string $name of a CSV file in core/data (RFC 4180, UTF-8), such as ingredients.csv
     *
     * @return list<array<string, string>> a row each, by the name of its column
     *
     * @throws RuntimeException where the file is not there or has no header
     */
    public static function table(string $name): array
    {
        $lines = @file(dirname(__DIR__, 2) . "/data/{$name}", FILE_IGNORE_NEW_LINES);
        $columns = $lines === false || $lines === [] ? [] : self::fields(array_shift($lines));
        if ($lines === false || $columns === []) {
            throw new RuntimeException("The table {$name} of the core cannot be read.");
        }
        $rows = [];
        foreach ($lines as $line) {
            $rows[] = array_combine($columns, array_pad(self::fields($line), count($columns), ''));
        }

        return $rows;
    }

    /**
     * Our own tables have no break within a field; where nothing is quoted a line is cut at its commas, several times as
     * fast, which every page feels.
     *
     * @return list<string>
     */
    private static function fields(string $line): array
    {
        return str_contains($line, '"')
            ? array_map(strval(...), str_getcsv($line, escape: ''))
            : explode(',', $line);
    }
}
