<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Bridge\Imports\DayOrder;
use App\Bridge\Imports\ImportField;
use App\Bridge\Imports\ImportSubject;
use App\Bridge\Imports\MetWords;
use App\Bridge\Imports\SalonTerms;
use App\Bridge\Imports\TableReading;
use App\Models\BookingStatus;
use App\Models\Import;
use App\Models\Salon;
use App\Models\Service;
use App\Models\User;
use App\Wording\Words;

/** How a table of a file is read, and what can be said of it by hand. */
final readonly class ImportColumns
{
    private const SAMPLES = 3;
    private const LOOKED_AT_LINES = 200;
    private const MOST_COLUMNS = 200;
    private const MOST_WORDS = 60;
    private const HEADER_WITHIN_LINES = 10;

    public TableReading $reading;

    public function __construct(private Import $import, private Salon $salon)
    {
        $this->reading = TableReading::of((array) ($import->reading['table'] ?? []));
    }

    /** How it was written, as it was found: separators and letters of a text, sheets of a spreadsheet. */
    public function how(): string
    {
        $how = $this->import->reading['how'] ?? null;

        return is_array($how) && is_string($how['encoding'] ?? null)
            ? Words::say('import.how', [
                'encoding' => $how['encoding'],
                'separator' => Words::say('import.separators.' . match ($how['separator'] ?? '') {
                    ';' => 'semicolon',
                    "\t" => 'tab',
                    default => 'comma',
                }),
            ])
            : Words::say('import.how-sheet');
    }

    public function beyond(): int
    {
        return is_int($this->import->reading['beyond'] ?? null) ? $this->import->reading['beyond'] : 0;
    }

    /** @return array<int, string> names of the sheets by place; one alone is not asked for */
    public function sheets(): array
    {
        $tables = $this->import->tables ?? [];

        return count($tables) > 1 ? array_column($tables, 'name') : [];
    }

    /** @return array<int|string, string> lines that could name the columns */
    public function headers(): array
    {
        $headers = ['' => Words::say('import.no-header')];
        foreach (array_slice($this->lines(), 0, self::HEADER_WITHIN_LINES) as $place => [$at, $cells]) {
            $headers[$place] = Words::say('import.header-line', [
                'line' => $at, 'cells' => mb_substr(implode(' · ', array_filter($cells)), 0, 40),
            ]);
        }

        return $headers;
    }

    /** @return list<array{place: int, called: string, samples: string, field: string}> */
    public function columns(): array
    {
        $lines = $this->lines();
        $names = $this->reading->header === null ? [] : $lines[$this->reading->header][1] ?? [];
        $below = array_slice($lines, $this->reading->header === null ? 0 : $this->reading->header + 1);
        $columns = [];
        $width = max([0, ...array_map(static fn (array $line): int => count($line[1]), $lines)]);
        for ($place = 0; $place < min($width, self::MOST_COLUMNS); $place++) {
            $cells = array_values(array_unique(array_filter(
                array_map(
                    static fn (array $line): string => $line[1][$place] ?? '',
                    array_slice($below, 0, self::LOOKED_AT_LINES),
                ),
                static fn (string $cell): bool => $cell !== '',
            )));
            $called = $names[$place] ?? '';
            if ($cells !== [] || $called !== '') {
                $columns[] = [
                    'place' => $place,
                    'called' => $called === '' ? Words::say('import.column', ['number' => $place + 1]) : $called,
                    'samples' => implode(' · ', array_map(
                        static fn (string $cell): string => mb_strimwidth($cell, 0, 28, '…'),
                        array_slice($cells, 0, self::SAMPLES),
                    )),
                    'field' => ($this->reading->columns[$place] ?? null)->value ?? '',
                ];
            }
        }

        return $columns;
    }

    /** @return list<string> names of columns that hold something nobody asks for */
    public function leftOut(): array
    {
        return array_column(array_filter(
            $this->columns(),
            static fn (array $column): bool => $column['field'] === '' && $column['samples'] !== '',
        ), 'called');
    }

    /** @return array<string, string> */
    public function fields(): array
    {
        $fields = ['' => Words::say('import.leave-column')];
        foreach (ImportField::of($this->reading->subject) as $field) {
            $fields[$field->value] = Words::say("import.fields.{$field->value}");
        }

        return $fields;
    }

    /** @return array<string, string> */
    public function subjects(): array
    {
        return array_combine(
            array_column(ImportSubject::cases(), 'value'),
            array_map(
                static fn (ImportSubject $subject): string => Words::say("import.subjects.{$subject->value}"),
                ImportSubject::cases(),
            ),
        );
    }

    /** @return array<string, string> */
    public function orders(): array
    {
        return array_combine(
            array_column(DayOrder::cases(), 'value'),
            array_map(
                static fn (DayOrder $order): string => Words::say("import.orders.{$order->value}"),
                DayOrder::cases(),
            ),
        );
    }

    /**
     * @return list<array{
     *     field: string, title: string, words: array<string, array{word: string, lines: int, means: string|null}>,
     *     options: array<int|string, string>,
     * }> words somebody has to explain
     */
    public function asked(): array
    {
        $asked = [];
        foreach ((array) ($this->import->reading['asked'] ?? []) as $field => $words) {
            /** @var array<string, array{word: string, lines: int, means: string|null}> $words */
            $asked[] = [
                'field' => (string) $field, 'title' => Words::say("import.fields.{$field}"),
                'words' => array_slice($words, 0, self::MOST_WORDS, true),
                'options' => $this->meanings((string) $field),
            ];
        }

        return $asked;
    }

    /** @return array<int|string, string> */
    private function meanings(string $field): array
    {
        $terms = SalonTerms::of($this->salon);
        $ours = match ($field) {
            'service' => $terms->services->mapWithKeys(
                static fn (Service $service): array => [(string) $service->id => $service->name],
            )->all(),
            'stylist' => $terms->stylists->mapWithKeys(
                static fn (User $user): array => [(string) $user->id => $user->name],
            )->all(),
            'status' => array_combine(
                ['booked', 'done', 'cancelled', 'no-show'],
                array_map(
                    static fn (BookingStatus $status): string => Words::of("booking_statuses.{$status->value}"),
                    [BookingStatus::Booked, BookingStatus::Done, BookingStatus::Cancelled, BookingStatus::NoShow],
                ),
            ),
            default => array_map(strval(...), array_filter((array) trans('nagomi.notebook'), is_string(...))),
        };

        return ['' => Words::say('import.choose')] + $ours + [MetWords::LEAVE => Words::say('import.leave-lines')];
    }

    /** @return list<array{int, list<string>}> */
    private function lines(): array
    {
        return $this->import->tables[$this->reading->sheet]['lines'] ?? [];
    }
}
