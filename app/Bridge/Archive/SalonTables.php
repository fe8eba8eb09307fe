<?php

declare(strict_types=1);

namespace App\Bridge\Archive;

use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/**
 * Every table that holds something of a salon, those it leads to before itself. They are asked of the database, so
 * that one that is added later is in the archive without anybody thinking of it here.
 */
final readonly class SalonTables
{
    /**
     * Of this machine, not of a salon; or good for a day at most and worth nothing elsewhere; or what opens its doors
     * to other programs.
     */
    private const LEFT_OUT = [
        'acts', 'cache', 'cache_locks', 'sessions', 'jobs', 'failed_jobs', 'migrations', 'imports', 'invitations',
        'access_tokens', 'webhooks', 'webhook_deliveries',
    ];

    /** @return array<string, ArchivedTable> by name */
    public static function all(): array
    {
        $columns = self::columns();
        $references = self::references();
        $tables = [];
        $todo = array_diff(array_keys($columns), self::LEFT_OUT);
        while ($todo !== []) {
            $ready = array_filter($todo, static fn (string $name): bool => array_diff(
                array_intersect($references[$name] ?? [], $todo),
                [$name],
            ) === []);
            // What leads in a ring could not be put back in any order.
            foreach ($ready === [] ? $todo : $ready as $name) {
                $table = self::table($name, $columns[$name], $references[$name] ?? [], $tables);
                if ($table !== null) {
                    $tables[$name] = $table;
                }
            }
            $todo = $ready === [] ? [] : array_diff($todo, $ready);
        }

        // What tells of rows of any table comes when all of them are there.
        uasort($tables, static fn (ArchivedTable $one, ArchivedTable $other): int => $one->tellsOfAny()
            <=> $other->tellsOfAny());

        return $tables;
    }

    /**
     * @param list<object{COLUMN_NAME: string, DATA_TYPE: string, COLUMN_KEY: string, EXTRA: string}> $columns
     * @param array<string, string>        $references
     * @param array<string, ArchivedTable> $tables     that come before it
     */
    private static function table(string $name, array $columns, array $references, array $tables): ?ArchivedTable
    {
        $names = array_column($columns, 'COLUMN_NAME');
        $through = null;
        if ($name !== 'salons' && ! in_array('salon_id', $names, true)) {
            foreach ($references as $column => $parent) {
                $through ??= isset($tables[$parent]) ? [$column, $tables[$parent]] : null;
            }
            if ($through === null) {
                return null;
            }
        }
        $keys = array_filter($columns, static fn (object $column): bool => $column->COLUMN_KEY === 'PRI');
        $key = reset($keys);

        return new ArchivedTable(
            $name,
            $names,
            array_column(
                array_filter($columns, static fn (object $column): bool => str_contains($column->DATA_TYPE, 'blob')),
                'COLUMN_NAME',
            ),
            $key === false ? 'id' : $key->COLUMN_NAME,
            $key !== false && str_contains($key->EXTRA, 'auto_increment'),
            array_diff($references, ['salons']),
            $through,
        );
    }

    /** @return array<string, list<object{COLUMN_NAME: string, DATA_TYPE: string, COLUMN_KEY: string, EXTRA: string}>> */
    private static function columns(): array
    {
        $columns = [];
        $found = DB::table('information_schema.COLUMNS as c')
            ->join('information_schema.TABLES as t', static fn (JoinClause $join): JoinClause => $join
                ->on('t.TABLE_NAME', '=', 'c.TABLE_NAME')
                ->on('t.TABLE_SCHEMA', '=', 'c.TABLE_SCHEMA'))
            ->where('c.TABLE_SCHEMA', DB::getDatabaseName())
            ->where('t.TABLE_TYPE', 'BASE TABLE')
            ->orderBy('c.TABLE_NAME')
            ->orderBy('c.ORDINAL_POSITION')
            ->get(['c.TABLE_NAME', 'c.COLUMN_NAME', 'c.DATA_TYPE', 'c.COLUMN_KEY', 'c.EXTRA']);
        foreach ($found as $column) {
            /** @var object{
             *     TABLE_NAME: string, COLUMN_NAME: string, DATA_TYPE: string, COLUMN_KEY: string, EXTRA: string,
             * } $column
             */
            $columns[$column->TABLE_NAME][] = $column;
        }

        return $columns;
    }

    /** @return array<string, array<string, string>> table by column, by table */
    private static function references(): array
    {
        $references = [];
        $found = DB::table('information_schema.KEY_COLUMN_USAGE')
            ->where('TABLE_SCHEMA', DB::getDatabaseName())
            ->whereNotNull('REFERENCED_TABLE_NAME')
            ->orderBy('COLUMN_NAME')
            ->get(['TABLE_NAME', 'COLUMN_NAME', 'REFERENCED_TABLE_NAME']);
        foreach ($found as $link) {
            /** @var object{TABLE_NAME: string, COLUMN_NAME: string, REFERENCED_TABLE_NAME: string} $link */
            $references[$link->TABLE_NAME][$link->COLUMN_NAME] = $link->REFERENCED_TABLE_NAME;
        }

        return $references;
    }
}
