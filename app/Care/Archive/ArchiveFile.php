<?php

declare(strict_types=1);

namespace App\Care\Archive;

use Illuminate\Support\Facades\DB;
use ZipArchive;

/** A salon's archive as it came back: opened, its list read, and each file held against its digest. */
final readonly class ArchiveFile
{
    /** @param array<string, array{rows?: int, sha256: string}> $files */
    private function __construct(private ZipArchive $zip, public array $files)
    {
    }

    /** @throws RestoreRefused where it is no archive of a salon, is damaged, or is of a newer product than this */
    public static function open(string $path): self
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw RestoreRefused::because('no-archive');
        }
        $list = json_decode((string) $zip->getFromName(SalonDump::LIST), true);
        if (! is_array($list) || ($list['format'] ?? null) !== SalonDump::FORMAT) {
            throw RestoreRefused::because('no-archive');
        }
        $migration = is_string($list['migration'] ?? null) ? $list['migration'] : '';
        if (
            ($list['version'] ?? null) !== SalonDump::VERSION
                || ! DB::table('migrations')->where('migration', $migration)->exists()
        ) {
            throw RestoreRefused::because('newer');
        }
        $archive = new self($zip, self::files((array) ($list['files'] ?? [])));
        foreach ($archive->files as $name => $file) {
            if (! hash_equals($file['sha256'], $archive->digest($name))) {
                throw RestoreRefused::because('damaged', ['file' => $name]);
            }
        }

        return $archive;
    }

    /** @return iterable<array<string, mixed>> rows of a table, one at a time */
    public function rows(string $table): iterable
    {
        $lines = $this->zip->getStream(SalonDump::FOLDER . "tables/{$table}.jsonl");
        while ($lines !== false && ($line = fgets($lines)) !== false) {
            $row = json_decode($line, true);
            if (is_array($row)) {
                /** @var array<string, mixed> $row */
                yield $row;
            }
        }
    }

    /** @return iterable<string, string> bytes of each picture, by its key */
    public function pictures(): iterable
    {
        foreach (array_keys($this->files) as $name) {
            if (preg_match('#^salon/pictures/([0-9a-z]{26})\.jpg$#', $name, $found) === 1) {
                yield $found[1] => (string) $this->zip->getFromName($name);
            }
        }
    }

    public function count(string $table): int
    {
        return $this->files[SalonDump::FOLDER . "tables/{$table}.jsonl"]['rows'] ?? 0;
    }

    private function digest(string $name): string
    {
        $stream = $this->zip->getStream($name);
        if ($stream === false) {
            return '';
        }
        $digest = hash_init('sha256');
        hash_update_stream($digest, $stream);

        return hash_final($digest);
    }

    /**
     * @param array<mixed> $listed
     *
     * @return array<string, array{rows?: int, sha256: string}>
     */
    private static function files(array $listed): array
    {
        $files = [];
        foreach ($listed as $name => $file) {
            if (is_array($file) && is_string($file['sha256'] ?? null)) {
                $rows = is_int($file['rows'] ?? null) ? ['rows' => $file['rows']] : [];
                $files[(string) $name] = $rows + ['sha256' => $file['sha256']];
            }
        }

        return $files;
    }
}
