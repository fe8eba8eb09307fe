<?php

declare(strict_types=1);

namespace App\Care\Imports;

use App\Bridge\Imports\FoundLine;
use App\Bridge\Imports\TableGuess;
use App\Bridge\Imports\TableLines;
use App\Bridge\Imports\TableReading;
use App\Bridge\Imports\TableWords;
use App\Bridge\Tables\CsvReader;
use App\Bridge\Tables\Sheet;
use App\Bridge\Tables\Spreadsheets;
use App\Bridge\Tables\UnreadableTable;
use App\Models\Import;
use App\Models\Salon;
use App\Models\User;
use App\Wording\Words;

/** Looks through a file from elsewhere, as often as somebody says anew what its columns are. */
final readonly class Imports
{
    /** What a table of many thousand lines takes; more than that is no list of clients. */
    private const MOST_BYTES = 4_000_000;

    /** Lines above those that name the columns, and beyond those that are read: it is said that there are more. */
    private const BESIDE_LINES = 20;

    public function __construct(private ImportReader $importReader)
    {
    }

    public function look(string $bytes, string $filename, Salon $salon, User $by): Import
    {
        $import = new Import(['user_id' => $by->id, 'name' => $filename]);
        $import->salon_id = $salon->id;
        try {
            $sheets = $this->sheets($bytes, $salon);
            if ($sheets === []) {
                $import->found = self::kept($this->importReader->found($bytes, $filename, $salon));
            } else {
                $import->tables = array_map(static fn (Sheet $sheet): array => $sheet->kept(), $sheets);
                $isBook = Spreadsheets::is($bytes);
                $import->reading = ['how' => $isBook ? null : CsvReader::dialect($bytes)];
                $this->read($import, $salon, TableGuess::of($sheets, $salon));
            }
        } catch (UnreadableTable $unreadable) {
            $import->found = self::kept([
                new FoundLine($filename, 'record', problems: [Words::say($unreadable->getMessage())]),
            ]);
        }
        $import->save();

        return $import;
    }

    /** Reads a table again, as somebody says it is meant. */
    public function again(Import $import, Salon $salon, TableReading $reading): void
    {
        $before = TableReading::of((array) ($import->reading['table'] ?? []));
        if ($before->sheet !== $reading->sheet || $before->subject !== $reading->subject) {
            // Another sheet, or lines of another kind, have other columns: they are guessed anew.
            $sheet = $this->tables($import)[$reading->sheet] ?? new Sheet('', []);
            $subject = $before->subject === $reading->subject ? null : $reading->subject;
            $reading = TableGuess::sheet($sheet, $reading->sheet, $salon, TableWords::known(), $subject)
                ->withWords($reading->words);
        }
        $this->read($import, $salon, $reading);
        $import->save();
    }

    /** @return bool whether it is still what somebody has seen; it is looked through anew where it is not */
    public function stands(Import $import, Salon $salon): bool
    {
        if ($import->tables === null) {
            return true;
        }
        $seen = self::taken($import);
        $this->read($import, $salon, TableReading::of((array) ($import->reading['table'] ?? [])));
        if (self::taken($import) === $seen) {
            return true;
        }
        $import->save();

        return false;
    }

    /** @return list<array{string, bool}> what would be taken in, whatever the language of who looks */
    private static function taken(Import $import): array
    {
        return array_map(static function (array $kept): array {
            $line = FoundLine::of($kept);

            return [$line->isGood() ? $line->payload : '', $line->here];
        }, $import->found);
    }

    private function read(Import $import, Salon $salon, TableReading $reading): void
    {
        $sheet = $this->tables($import)[$reading->sheet] ?? new Sheet('', []);
        $found = TableLines::of($sheet, $reading, $salon, $import->name);
        $import->found = self::kept($found->lines);
        $import->reading = [
            'table' => $reading->kept(), 'asked' => $found->asked, 'beyond' => $found->beyond,
        ] + (array) $import->reading;
    }

    /** @return list<Sheet> */
    private function tables(Import $import): array
    {
        return array_map(
            static fn (array $table): Sheet => new Sheet($table['name'], $table['lines']),
            $import->tables ?? [],
        );
    }

    /**
     * @return list<Sheet> none: the file is no table
     *
     * @throws UnreadableTable
     */
    private function sheets(string $bytes, Salon $salon): array
    {
        $sheets = Spreadsheets::is($bytes) ? Spreadsheets::sheets($bytes) : $this->text($bytes, $salon);
        $short = array_map(static fn (Sheet $sheet): Sheet => new Sheet(
            $sheet->name,
            array_slice($sheet->lines, 0, TableLines::MOST + self::BESIDE_LINES),
        ), $sheets);
        $size = strlen((string) json_encode(
            array_map(static fn (Sheet $sheet): array => $sheet->kept(), $short),
            JSON_INVALID_UTF8_SUBSTITUTE,
        ));

        return $size > self::MOST_BYTES ? throw new UnreadableTable('import.sheet-too-large') : $short;
    }

    /**
     * @return list<Sheet> a file of text as a table; none where it is none
     *
     * @throws UnreadableTable where it is too large for one
     */
    private function text(string $bytes, Salon $salon): array
    {
        $plain = ltrim(substr($bytes, 0, 200), "\u{FEFF} \t\r\n");
        if (preg_match('/^(BEGIN:|\{|\[|PK\x03\x04)/i', $plain) === 1) {
            return [];
        }
        if (strlen($bytes) > CsvReader::MOST_BYTES) {
            throw new UnreadableTable('import.sheet-too-large');
        }
        $sheet = new Sheet('', CsvReader::lines($bytes));
        $isTable = TableGuess::isTable($sheet, $salon) || count($sheet->lines) > 1 && $sheet->width() > 1;

        return $isTable && count($sheet->lines) > 0 ? [$sheet] : [];
    }

    /**
     * @param list<FoundLine> $found
     *
     * @return list<array<string, mixed>>
     */
    private static function kept(array $found): array
    {
        return array_map(static fn (FoundLine $line): array => $line->kept(), $found);
    }
}
