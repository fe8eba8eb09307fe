<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

use App\Wording\Words;

/** What a file adds to a client who is here, where nothing stands yet: how they are reached, and their birthday. */
final readonly class FilledContact
{
    /**
     * @param string                $client  its key
     * @param array<string, string> $columns what is written where nothing stood
     */
    private function __construct(public string $client, public array $columns)
    {
    }

    /**
     * @param list<string> $columns
     *
     * @return array<string, mixed> as a line of a file keeps it
     */
    public static function kept(string $client, array $columns): array
    {
        return $columns === [] ? [] : ['fills' => ['client' => $client, 'columns' => $columns]];
    }

    /**
     * @param list<string> $columns
     *
     * @return list<string> a sentence, where there is anything to add
     */
    public static function remarks(array $columns): array
    {
        return $columns === [] ? [] : [Words::say('import.adds', ['what' => implode(', ', array_map(
            static fn (string $column): string => Words::say(
                'import.fields.' . ($column === 'born_on' ? ImportField::Born->value : $column),
            ),
            $columns,
        ))])];
    }

    /** @param array<mixed> $holds what a line of a file keeps */
    public static function of(array $holds): ?self
    {
        $fills = (array) ($holds['fills'] ?? []);
        $client = $fills['client'] ?? null;
        $columns = [];
        foreach ((array) ($fills['columns'] ?? []) as $column) {
            $value = is_string($column) ? $holds[$column] ?? null : null;
            if (is_string($value)) {
                $columns[(string) $column] = $value;
            }
        }

        return is_string($client) && $columns !== [] ? new self($client, $columns) : null;
    }
}
