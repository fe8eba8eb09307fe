<?php

declare(strict_types=1);

namespace App\Bridge\Tables;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;
use ZipArchive;

/**
 * Reads XLSX, ODS and XLS by way of ssconvert (Debian's gnumeric): each sheet becomes a table with days as 2026/12/03
 * whatever they look like in the sheet. The program works in a folder of its own, with an end to its time and memory.
 */
final readonly class Spreadsheets
{
    private const SECONDS = 40;
    private const MEMORY_BYTES = 1_500_000_000;
    private const MOST_UNPACKED_BYTES = 150_000_000;
    private const MOST_SHEETS = 20;

    /** Whether a file is one, by what it holds and not by what it is called. */
    public static function is(string $bytes): bool
    {
        // An old workbook is a compound file.
        return str_starts_with($bytes, "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1")
            || str_starts_with($bytes, "PK\x03\x04")
            && (str_contains(substr($bytes, 0, 200), 'opendocument.spreadsheet')
                || self::holds($bytes, 'xl/workbook.xml'));
    }

    public static function canRead(): bool
    {
        return (new ExecutableFinder())->find('ssconvert') !== null;
    }

    /**
     * @return list<Sheet> those that hold anything
     *
     * @throws UnreadableTable where the program is not here, or makes nothing of the file
     */
    public static function sheets(string $bytes): array
    {
        if (! self::canRead()) {
            throw new UnreadableTable('import.no-program');
        }
        $folder = sys_get_temp_dir() . '/nagomi-sheet-' . Str::lower((string) Str::ulid());
        File::makeDirectory($folder, 0700);
        try {
            file_put_contents("{$folder}/book", $bytes);
            if (str_starts_with($bytes, 'PK') && self::unpacked("{$folder}/book") > self::MOST_UNPACKED_BYTES) {
                throw new UnreadableTable('import.sheet-too-large');
            }

            return self::converted($folder);
        } finally {
            File::deleteDirectory($folder);
        }
    }

    /**
     * @return list<Sheet>
     *
     * @throws UnreadableTable
     */
    private static function converted(string $folder): array
    {
        $process = new Process(
            [
                'prlimit', '--as=' . self::MEMORY_BYTES, '--cpu=' . self::SECONDS,
                'ssconvert', '--export-file-per-sheet', '--export-type=Gnumeric_stf:stf_assistant',
                '--export-options=separator=, format=automatic',
                "{$folder}/book", "{$folder}/%n %s.csv",
            ],
            $folder,
            ['HOME' => $folder, 'LC_ALL' => 'C.UTF-8'],
            timeout: self::SECONDS,
        );
        try {
            $process->run();
        } catch (ProcessTimedOutException) {
            throw new UnreadableTable('import.sheet-too-large');
        }
        $sheets = [];
        foreach (glob("{$folder}/*.csv") ?: [] as $path) {
            if ((int) filesize($path) > CsvReader::MOST_BYTES) {
                throw new UnreadableTable('import.sheet-too-large');
            }
            $lines = CsvReader::lines((string) file_get_contents($path));
            if ($lines !== [] && preg_match('/^(\d+) (.*)\.csv$/s', basename($path), $named) === 1) {
                $sheets[(int) $named[1]] = new Sheet($named[2], $lines);
            }
        }
        ksort($sheets);

        return $sheets === []
            ? throw new UnreadableTable('import.no-sheet')
            : array_slice(array_values($sheets), 0, self::MOST_SHEETS);
    }

    private static function holds(string $bytes, string $name): bool
    {
        // The name stands in the archive's own list, at its end, whatever is packed before it.
        return str_contains(substr($bytes, -70_000), $name);
    }

    /** @throws UnreadableTable where it is no archive after all */
    private static function unpacked(string $path): int
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw new UnreadableTable('import.no-sheet');
        }
        $bytes = 0;
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $entry = $zip->statIndex($i);
            $bytes += is_array($entry) ? (int) $entry['size'] : 0;
        }
        $zip->close();

        return $bytes;
    }
}
