<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

/** Labels that ship for practice, as core/data/practice-labels.csv: all of them made up. */
final class PracticeLabels
{
    private const FILE = __DIR__ . '/../../data/practice-labels.csv';

    /** @var array<string, array<string, array{string, string}>>|null */
    private static ?array $read = null;

    /**
     * @param string $kind bottle or drill
     *
     * @return array<string, array{string, string}> what it is for and its ingredients, by name
     */
    public static function of(string $kind): array
    {
        return (self::$read ??= self::read())[$kind] ?? [];
    }

    /** @return array<string, array<string, array{string, string}>> by kind and name */
    private static function read(): array
    {
        $labels = [];
        foreach (array_slice(file(self::FILE, FILE_IGNORE_NEW_LINES) ?: [], 1) as $line) {
            [$kind, $name, $of, $ingredients] = array_map(strval(...), str_getcsv($line)) + ['', '', '', ''];
            $labels[$kind][$name] = [$of, $ingredients];
        }

        return $labels;
    }
}
