<?php

declare(strict_types=1);

namespace Tests\Cluster;

use App\Bridge\Archive\ArchivedTable;
use App\Bridge\Archive\SalonTables;
use App\Models\Salon;
use Illuminate\Support\Facades\DB;

/**
 * A chain of salons out of the demo's one: its clients many times over, their past twice as long, and the whole again
 * for each further salon, row by row within the database. Every row is one that the application wrote; only keys, and
 * what must be there once, are others. Made for measuring, and for nothing else.
 */
final class Growth
{
    /**
     * How keys of a copy are made: how far apart those lie that the database numbers, and the letter with which the
     * others begin, which are drawn from the one they are copied of. No sort of copy meets another's keys.
     */
    private const KEYS = [
        'client' => [1_000_000_000, '7'], 'past' => [1_000_000_000_000, '5'], 'salon' => [100_000_000_000_000, '6'],
    ];

    /** What is of one day or one bottle is not there twenty times over when there are twenty times as many clients. */
    private const NOT_OF_CLIENTS = [
        'products', 'bookings', 'wash_sessions', 'reminders', 'outbox_messages', 'activity_log', 'waits',
    ];

    /** Of a client's past: tables with the day of a row; null: they hang on the one before. */
    private const PAST = ['wash_days' => 'date', 'wash_steps' => null, 'visits' => 'date', 'readings' => 'date'];

    /** @var array<string, ArchivedTable> */
    private readonly array $tables;

    public function __construct(private readonly int $salonId)
    {
        $this->tables = SalonTables::all();
    }

    /** Each client's past once more, before it. */
    public function past(int $days): void
    {
        foreach (self::PAST as $name => $day) {
            $this->copy($this->tables[$name], 'past', 1, array_keys(self::PAST), '1 = 1', $day === null ? [] : [
                $day => "date_sub(`{$day}`, interval {$days} day)",
            ]);
        }
    }

    /** As many clients at least, each with its record. */
    public function clients(int $many): void
    {
        $there = DB::table('heads')->where('salon_id', $this->salonId)->count();
        $of = $this->ofClients();
        for ($copy = 1; $copy * $there < $many; $copy++) {
            foreach ($of as $name => $column) {
                $parent = $this->tables[$name]->references[$column] ?? $name;
                [$stride] = self::KEYS['client'];
                // Those that were there before there were copies.
                $first = $this->tables[$parent]->isNumbered
                    ? "mod({$column}, " . 1000 * $stride . ") < {$stride}"
                    : "left({$column}, 1) != '7'";
                $this->copy($this->tables[$name], 'client', $copy, array_keys($of), $first);
            }
        }
    }

    /** The whole salon again, and again: as many there are then. */
    public function salons(int $many): void
    {
        for ($copy = 1; $copy < $many; $copy++) {
            foreach ($this->tables as $table) {
                $this->copy($table, 'salon', $copy, array_keys($this->tables), '1 = 1', $table->name === 'users'
                    ? ['email' => "concat('s{$copy}.', email)"]
                    : []);
            }
        }
    }

    /**
     * @param list<string>          $changed tables whose keys are others in the copy
     * @param array<string, string> $as      further columns, as SQL
     */
    private function copy(
        ArchivedTable $table,
        string $sort,
        int $copy,
        array $changed,
        string $where,
        array $as = [],
    ): void {
        $rows = $table->rows($this->salonId)->reorder()->whereRaw($where);
        $columns = [];
        foreach ($table->columns as $column) {
            $columns[$column] = $as[$column] ?? $this->column($table, $column, [$sort, $copy], $changed);
        }
        $names = implode(', ', array_map(static fn (string $name): string => "`{$name}`", array_keys($columns)));
        DB::insert(
            "insert into `{$table->name}` ({$names}) " . $rows->selectRaw(implode(', ', $columns))->toSql(),
            $rows->getBindings(),
        );
    }

    /**
     * @param array{string, int} $as      sort and number of the copy
     * @param list<string>       $changed
     */
    private function column(ArchivedTable $table, string $column, array $as, array $changed): string
    {
        $isSalon = $column === 'salon_id' || ($table->name === 'salons' && $column === 'id');
        $parent = $table->references[$column] ?? ($column === $table->key ? $table->name : null);
        if ($isSalon) {
            return in_array('salons', $changed, true) ? self::number($column, $as) : "`{$column}`";
        }
        if ($parent !== null && in_array($parent, $changed, true)) {
            return $this->tables[$parent]->isNumbered ? self::number($column, $as) : self::text($column, $as);
        }

        $longest = $this->once($table, $changed)[$column] ?? null;

        return $longest === null
            ? "`{$column}`"
            : 'left(' . self::drawn($column, $as) . ", {$longest})";
    }

    /**
     * Columns of which the database takes each value once, and nothing else of the same rule is another in the copy.
     *
     * @param list<string> $changed
     *
     * @return array<string, int> how long each may be, by name
     */
    private function once(ArchivedTable $table, array $changed): array
    {
        $rules = [];
        foreach (DB::select('select index_name as rule, column_name as name,
                character_maximum_length as longest
            from information_schema.statistics
            join information_schema.columns using (table_schema, table_name, column_name)
            where table_schema = database() and table_name = ? and non_unique = 0', [$table->name]) as $row) {
            $rules[$row->rule][$row->name] = $row->longest;
        }
        $once = [];
        foreach ($rules as $columns) {
            $isOther = array_filter(array_keys($columns), fn (string $column): bool => in_array(
                $table->references[$column] ?? ($column === $table->key ? $table->name : ''),
                $changed,
                true,
            ) || ($column === 'salon_id' && in_array('salons', $changed, true)));
            $texts = array_filter($columns, is_int(...));
            if ($isOther === [] && $texts !== []) {
                $once[(string) array_key_first($texts)] = reset($texts);
            }
        }

        return $once;
    }

    /** @return array<string, string> tables whose rows are a client's, with the column that leads there */
    private function ofClients(): array
    {
        $of = ['heads' => 'id'];
        foreach ($this->tables as $name => $table) {
            foreach (in_array($name, self::NOT_OF_CLIENTS, true) ? [] : $table->references as $column => $parent) {
                if (isset($of[$parent]) && $name !== $parent) {
                    $of[$name] ??= $column;
                }
            }
        }

        return $of;
    }

    /** @param array{string, int} $as */
    private static function number(string $column, array $as): string
    {
        return "`{$column}` + " . $as[1] * self::KEYS[$as[0]][0];
    }

    /**
     * Still a key as they are made by themselves: 26 letters and digits of which the first is 7 at most.
     *
     * @param array{string, int} $as
     */
    private static function text(string $column, array $as): string
    {
        return "concat('" . self::KEYS[$as[0]][1] . "', left(" . self::drawn($column, $as) . ', 25))';
    }

    /** @param array{string, int} $as */
    private static function drawn(string $column, array $as): string
    {
        return "md5(concat('{$as[0]} {$as[1]} ', `{$column}`))";
    }
}
