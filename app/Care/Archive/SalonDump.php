<?php

declare(strict_types=1);

namespace App\Care\Archive;

use App\Bridge\Archive\ArchivedRow;
use App\Bridge\Archive\ArchivedTable;
use App\Bridge\Archive\ArchiveKeys;
use App\Bridge\Archive\SalonTables;
use App\Care\Clients\PictureFiles;
use App\Models\Picture;
use App\Models\Salon;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use ZipArchive;

/**
 * Every row and every picture of a salon, from which nagomi:restore-salon makes it again on a machine that has nothing
 * of it: tables as lines of JSON, and a list that says how many rows there are and what each file's digest is.
 */
final readonly class SalonDump
{
    public const FORMAT = 'nagomi-salon';
    public const VERSION = 1;
    public const FOLDER = 'salon/';
    public const LIST = self::FOLDER . 'manifest.json';
    private const AT_ONCE = 500;

    public function __construct(private PictureFiles $pictureFiles)
    {
    }

    /** @return list<string> files of its own, which may go once the archive is closed */
    public function into(ZipArchive $zip, Salon $salon): array
    {
        // All of it as it stood at one moment, whatever is written meanwhile.
        return DB::transaction(fn (): array => $this->write($zip, $salon));
    }

    /** @return list<string> */
    private function write(ZipArchive $zip, Salon $salon): array
    {
        $tables = SalonTables::all();
        $keys = $this->keys($tables, $salon);
        $files = $list = [];
        foreach ($tables as $table) {
            $file = (string) tempnam(sys_get_temp_dir(), 'nagomi');
            $rows = $this->table($table, $salon, new ArchivedRow($keys), $file);
            $zip->addFile($file, $path = self::FOLDER . "tables/{$table->name}.jsonl");
            $list[$path] = ['rows' => $rows, 'sha256' => hash_file('sha256', $file)];
            $files[] = $file;
        }
        foreach (Picture::query()->where('salon_id', $salon->id)->orderBy('id')->get() as $picture) {
            // A picture whose file was lost is told of all the same.
            $bytes = $this->pictureFiles->read($picture);
            if ($bytes !== null) {
                $zip->addFromString($path = self::FOLDER . "pictures/{$picture->id}.jpg", $bytes);
                $list[$path] = ['sha256' => hash('sha256', $bytes)];
            }
        }
        $zip->addFromString(self::LIST, (string) json_encode([
            'format' => self::FORMAT, 'version' => self::VERSION,
            'migration' => DB::table('migrations')->orderByDesc('migration')->value('migration'), 'files' => $list,
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES));

        return $files;
    }

    /** @param array<string, ArchivedTable> $tables */
    private function keys(array $tables, Salon $salon): ArchiveKeys
    {
        $keys = new ArchiveKeys();
        foreach (array_filter($tables, static fn (ArchivedTable $table): bool => $table->isNumbered) as $table) {
            foreach ($table->rows($salon->id)->pluck($table->key)->values() as $place => $id) {
                $keys->add($table->name, is_numeric($id) ? (int) $id : 0, $place + 1);
            }
        }

        return $keys;
    }

    private function table(ArchivedTable $table, Salon $salon, ArchivedRow $rows, string $file): int
    {
        $out = fopen($file, 'w');
        $count = 0;
        foreach ($table->rows($salon->id)->lazy(self::AT_ONCE) as $row) {
            /** @var array<string, mixed> $columns */
            $columns = (array) $row;
            if ($table->name === 'users') {
                $columns['email'] = $this->address($columns['id']);
            }
            $line = json_encode($rows->out($table, $columns), JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
            if ($out !== false) {
                fwrite($out, "{$line}\n");
            }
            $count++;
        }
        if ($out !== false) {
            fclose($out);
        }

        return $count;
    }

    /** @param mixed $id whose address stands with the account they sign in by, which may be in another salon */
    private function address(mixed $id): ?string
    {
        return User::query()->withoutGlobalScopes()->with('holder')->whereKey($id)->first()?->address();
    }
}
