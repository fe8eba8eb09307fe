<?php

declare(strict_types=1);

namespace App\Care\DataTransfer;

use App\Bridge\Tables\CsvReader;

/** Clients from a table: a name, and whatever of mail, phone and date of birth stands beside it. */
final class ClientTable
{
    private const HEADERS = [
        'name' => ['name', 'full name', 'client', 'nombre', 'nombre completo'],
        'given' => ['first name', 'given name', 'first'],
        'family' => ['last name', 'family name', 'surname', 'last', 'apellidos'],
        'email' => ['mail', 'email', 'e-mail', 'mail address', 'email address', 'correo'],
        'phone' => ['phone', 'telephone', 'mobile', 'phone number', 'tel', 'teléfono'],
        'born_on' => ['born_on', 'born', 'birthday', 'date of birth', 'birth date', 'fecha de nacimiento'],
    ];

    /** Whether a file reads like such a table at all. */
    public static function is(string $bytes): bool
    {
        $header = self::columns(CsvReader::lines($bytes)[0][1] ?? []);

        return isset($header['name']) || isset($header['given']) || isset($header['family']);
    }

    /**
     * @return list<array{
     *     line: int, name: string, email: string|null, phone: string|null, born_on: string|null,
     *     problems: list<string>,
     * }>
     */
    public static function read(string $bytes): array
    {
        $lines = CsvReader::lines($bytes);
        $columns = self::columns(array_shift($lines)[1] ?? []);
        $clients = [];
        foreach ($lines as [$at, $cells]) {
            $cell = fn (string $what): string => isset($columns[$what]) ? $cells[$columns[$what]] ?? '' : '';
            $name = $cell('name') !== '' ? $cell('name') : trim("{$cell('given')} {$cell('family')}");
            $clients[] = ['line' => $at] + Contact::of($name, $cell('email'), $cell('phone'), $cell('born_on'));
        }

        return $clients;
    }

    /**
     * @param list<string> $header
     *
     * @return array<string, int> place of each column that is known, by what it holds
     */
    private static function columns(array $header): array
    {
        $columns = [];
        foreach ($header as $place => $words) {
            foreach (self::HEADERS as $what => $names) {
                if (in_array(mb_strtolower($words), $names, true)) {
                    $columns[$what] ??= $place;
                }
            }
        }

        return $columns;
    }
}
