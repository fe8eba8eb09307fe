<?php

declare(strict_types=1);

namespace App\Bridge\Archive;

use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;

/** A row on its way out of one database or into another: its numbers, secrets and bytes. */
final readonly class ArchivedRow
{
    private const BYTES = 'base64';

    /** How somebody signs in belongs to them and one machine; each person chooses a password anew. */
    private const SIGN_IN = [
        'password' => '', 'remember_token' => null, 'account_id' => null, 'last_seat_id' => null, 'in_several' => 0,
        'second_secret' => null, 'second_since' => null, 'second_counter' => null, 'second_codes' => null,
    ];

    /** Of a person, in what the trail says. */
    private const PERSON = 'user_id';

    public function __construct(private ArchiveKeys $keys)
    {
    }

    /**
     * @param array<string, mixed> $row as the database has it
     *
     * @return array<string, mixed> as the archive has it
     */
    public function out(ArchivedTable $table, array $row): array
    {
        unset($row['salon_id']);
        $row = $this->renumbered($table, $row);
        foreach ($row as $column => $value) {
            if (is_string($value)) {
                $row[$column] = in_array($column, $table->binary, true)
                    ? [self::BYTES => base64_encode($value)]
                    : ArchivedSecrets::open($value);
            }
        }

        return $table->name === 'users' ? array_replace($row, self::SIGN_IN) : $row;
    }

    /**
     * @param array<string, mixed> $row as the archive has it
     *
     * @return array<string, mixed> as this database takes it
     */
    public function in(ArchivedTable $table, array $row, int $salonId): array
    {
        $row = $this->renumbered($table, array_intersect_key($row, array_flip($table->columns)));
        foreach ($row as $column => $value) {
            $row[$column] = match (true) {
                is_array($value) => base64_decode(self::text($value[self::BYTES] ?? null), true),
                is_string($value) => ArchivedSecrets::seal($value),
                default => $value,
            };
        }
        if ($table->isNumbered) {
            unset($row[$table->key]);
        }
        if ($table->name === 'users') {
            // Nobody knows this one: each person chooses a password anew.
            $row['password'] = Hash::make(Str::random(40));
        }

        return $table->through === null && $table->name !== 'salons' ? $row + ['salon_id' => $salonId] : $row;
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    private function renumbered(ArchivedTable $table, array $row): array
    {
        $columns = $table->references + ($table->isNumbered ? [$table->key => $table->name] : []);
        foreach ($columns as $column => $of) {
            if (is_numeric($row[$column] ?? null) && $this->keys->knows($of)) {
                $row[$column] = $this->keys->of($of, (int) $row[$column]);
            }
        }

        return $table->name === 'activity_log' ? $this->trail($row) : $row;
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    private function trail(array $row): array
    {
        $of = self::tableOf($row['subject_type'] ?? null);
        if (is_numeric($row['subject_id'] ?? null)) {
            // What is gone has no number any more, and must not get another's.
            $row['subject_id'] = (string) ($this->keys->of($of, (int) $row['subject_id']) ?? 0);
        }
        if (is_numeric($row['causer_id'] ?? null)) {
            $row['causer_id'] = $this->keys->of('users', (int) $row['causer_id']);
        }
        $said = json_decode(self::text($row['properties'] ?? null), true);
        $said = is_array($said) ? $said : [];
        foreach (['attributes', 'old'] as $which) {
            $values = $said[$which] ?? null;
            if (is_array($values) && is_numeric($values[self::PERSON] ?? null)) {
                $person = $this->keys->of('users', (int) $values[self::PERSON]);
                $said[$which] = array_replace($values, [self::PERSON => $person]);
                $row['properties'] = json_encode($said);
            }
        }

        return $row;
    }

    /** @param mixed $class of a model */
    public static function tableOf(mixed $class): string
    {
        return Str::snake(Str::pluralStudly(class_basename(self::text($class))));
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
