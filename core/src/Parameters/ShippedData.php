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
        $handle = fopen(dirname(__DIR__, 2) . "/data/{$name}", 'r');
        $header = $handle === false ? false : fgetcsv($handle, escape: '');
        if ($handle === false || $header === false) {
            throw new RuntimeException("The table {$name} of the core cannot be read.");
        }
        $columns = array_map(strval(...), $header);
        $rows = [];
        while (($row = fgetcsv($handle, escape: '')) !== false) {
            $rows[] = array_combine($columns, array_pad(array_map(strval(...), $row), count($columns), ''));
        }

        return $rows;
    }
}
