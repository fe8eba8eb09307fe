<?php

declare(strict_types=1);

namespace App\Care\Keys;

use App\Bridge\Archive\SealedText;
use App\Care\Clients\PictureFiles;
use App\Models\Picture;
use Illuminate\Database\Query\Builder;
use Illuminate\Encryption\Encrypter;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/**
 * Encrypts with the key of now whatever a key of before still opens: in every table, also within texts, and in every
 * picture. The salon works on meanwhile; what is broken off goes on where it was, since only what is left is touched.
 */
final readonly class KeyRotation
{
    /** Worth nothing with another key, and made anew: who is signed in, what is worked out, what waits to be sent. */
    private const PASSING = ['sessions', 'cache', 'cache_locks', 'jobs', 'failed_jobs', 'migrations'];

    private const TEXTS = ['char', 'varchar', 'tinytext', 'text', 'mediumtext', 'longtext', 'json', 'blob', 'longblob'];

    private const AT_ONCE = 200;

    public function __construct(private Encrypter $encrypter, private PictureFiles $pictureFiles)
    {
    }

    public function pass(): KeyPass
    {
        $change = KeyChange::of($this->encrypter);
        $rows = 0;
        foreach ($this->columns() as $table => $columns) {
            $rows += $this->table($table, $columns, $change);
        }
        $pictures = 0;
        /** @var list<string> $files */
        $files = Storage::disk(Picture::DISK)->allFiles('pictures');
        foreach ($files as $path) {
            $pictures += $this->picture($path, $change) ? 1 : 0;
        }

        return new KeyPass($rows, $pictures, $change->lost());
    }

    /** @return array<string, list<string>> columns that hold text, by table */
    private function columns(): array
    {
        $columns = [];
        $found = DB::table('information_schema.COLUMNS')
            ->where('TABLE_SCHEMA', DB::getDatabaseName())
            ->whereNotIn('TABLE_NAME', self::PASSING)
            ->whereIn('DATA_TYPE', self::TEXTS)
            ->orderBy('TABLE_NAME')
            ->orderBy('ORDINAL_POSITION')
            ->get(['TABLE_NAME', 'COLUMN_NAME']);
        /** @var object{TABLE_NAME: string, COLUMN_NAME: string} $of */
        foreach ($found as $of) {
            $columns[$of->TABLE_NAME][] = $of->COLUMN_NAME;
        }

        return $columns;
    }

    /** @param list<string> $columns */
    private function table(string $table, array $columns, KeyChange $change): int
    {
        $keys = $this->keys($table);
        $sealed = DB::table($table)->where(function (Builder $query) use ($columns): void {
            foreach ($columns as $column) {
                $query->orWhere($column, 'like', '%' . SealedText::BEGINS . '%');
            }
        });
        foreach ($keys as $key) {
            $sealed->orderBy($key);
        }
        $changed = 0;
        foreach ($sealed->select([...$keys, ...$columns])->lazy(self::AT_ONCE) as $row) {
            $changed += $this->row($table, (array) $row, $keys, $columns, $change) ? 1 : 0;
        }

        return $changed;
    }

    /** @return list<string> columns of the primary key */
    private function keys(string $table): array
    {
        /** @var list<string> */
        return DB::table('information_schema.COLUMNS')
            ->where('TABLE_SCHEMA', DB::getDatabaseName())
            ->where('TABLE_NAME', $table)
            ->where('COLUMN_KEY', 'PRI')
            ->orderBy('ORDINAL_POSITION')
            ->pluck('COLUMN_NAME')
            ->all();
    }

    /**
     * Written only where nobody has written meanwhile; who has did so with the key of now.
     *
     * @param array<array-key, mixed> $row
     * @param list<string>            $keys
     * @param list<string>            $columns
     */
    private function row(string $table, array $row, array $keys, array $columns, KeyChange $change): bool
    {
        $anew = [];
        foreach ($columns as $column) {
            $text = $row[$column] ?? null;
            if (is_string($text) && ($changed = $change->text($text)) !== $text) {
                $anew[$column] = $changed;
            }
        }
        if ($anew === []) {
            return false;
        }
        $same = DB::table($table);
        foreach ($keys as $key) {
            $same->where($key, $row[$key] ?? null);
        }
        foreach (array_keys($anew) as $column) {
            $same->whereRaw("binary `{$column}` = binary ?", [$row[$column]]);
        }

        return DB::transaction(function () use ($same, $anew): bool {
            // The trail keeps what it tells; it is told in another key.
            DB::statement('set @nagomi_forgets = 1');
            try {
                return $same->update($anew) > 0;
            } finally {
                DB::statement('set @nagomi_forgets = null');
            }
        });
    }

    /** Written beside it and put in its place at once: a backup that holds the file by a link keeps what it has. */
    private function picture(string $path, KeyChange $change): bool
    {
        $disk = Storage::disk(Picture::DISK);
        $kept = (string) $disk->get($path);
        $anew = $this->pictureFiles->isOpen($kept) ? $change->fresh($kept) : $change->sealed($kept);
        if ($anew === $kept) {
            return false;
        }
        $disk->put("{$path}.new", $anew);
        $disk->move("{$path}.new", $path);
        // Deleted meanwhile: it does not come back by this.
        if (! Picture::query()->withoutGlobalScopes()->whereKey(basename($path, '.jpg'))->exists()) {
            $disk->delete($path);
        }

        return true;
    }
}
