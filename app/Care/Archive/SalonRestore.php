<?php

declare(strict_types=1);

namespace App\Care\Archive;

use App\Bridge\Accounts\PasswordLink;
use App\Bridge\Archive\ArchivedRow;
use App\Bridge\Archive\ArchivedTable;
use App\Bridge\Archive\ArchiveKeys;
use App\Bridge\Archive\SalonTables;
use App\Care\Clients\PictureFiles;
use App\Models\Picture;
use App\Models\Role;
use App\Models\Salon;
use App\Models\User;
use Illuminate\Database\DetectsConcurrencyErrors;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Throwable;

/**
 * Makes a salon out of its archive, all of it or nothing, beside whatever else is here. Keys that are not numbers stay,
 * so that calendars and links lead where they led; who works there chooses a password anew.
 */
final readonly class SalonRestore
{
    use DetectsConcurrencyErrors;

    private const AT_ONCE = 200;

    public function __construct(private PictureFiles $pictureFiles)
    {
    }

    /** @throws RestoreRefused where the archive makes no salon here; nothing was written */
    public function from(string $path): RestoredSalon
    {
        $archive = ArchiveFile::open($path);
        $tables = SalonTables::all();
        $this->holdsNothingOf($archive, $tables);
        $written = [];
        try {
            return DB::transaction(function () use ($archive, $tables, &$written): RestoredSalon {
                $salon = $this->rows($archive, $tables);
                foreach ($archive->pictures() as $key => $bytes) {
                    $picture = Picture::query()->withoutGlobalScopes()->where('salon_id', $salon->id)->find($key);
                    if ($picture !== null) {
                        $written[] = $picture->path();
                        $this->pictureFiles->keep($picture, $bytes);
                    }
                }

                activity()->performedOn($salon)->log('salon-restored');

                return new RestoredSalon($salon, $this->owners($salon));
            });
        } catch (Throwable $failed) {
            Storage::disk(Picture::DISK)->delete($written);

            // What the database takes no row of was not written by us; a tie of two is tried again.
            throw $failed instanceof QueryException && ! $this->causedByConcurrencyError($failed)
                ? RestoreRefused::because('damaged', ['file' => basename($path)])
                : $failed;
        }
    }

    /** @return list<array{name: string, link: string}> */
    private function owners(Salon $salon): array
    {
        return array_values(User::query()
            ->where('salon_id', $salon->id)
            ->where('role', Role::Owner)
            ->whereNull('left_at')
            ->orderBy('id')
            ->get()
            ->map(static fn (User $owner): array => ['name' => $owner->name, 'link' => PasswordLink::of($owner)])
            ->all());
    }

    /**
     * @param array<string, ArchivedTable> $tables
     *
     * @throws RestoreRefused where a client or an address of the archive is here already
     */
    private function holdsNothingOf(ArchiveFile $archive, array $tables): void
    {
        foreach (array_diff(array_keys($tables), ['users']) as $name) {
            $table = $tables[$name];
            if ($table->isNumbered || isset($table->references[$table->key])) {
                continue;
            }
            foreach ($this->chunks($archive->rows($name)) as $rows) {
                if (DB::table($name)->whereIn($table->key, array_column($rows, $table->key))->exists()) {
                    throw RestoreRefused::because('here');
                }
            }
        }
        foreach ($archive->rows('users') as $user) {
            $email = is_string($user['email'] ?? null) ? $user['email'] : '';
            if (User::query()->withoutGlobalScopes()->where('email', $email)->exists()) {
                throw RestoreRefused::because('address', ['email' => $email]);
            }
        }
    }

    /**
     * @param array<string, ArchivedTable> $tables
     *
     * @throws RestoreRefused where there are other rows in it than its list says
     */
    private function rows(ArchiveFile $archive, array $tables): Salon
    {
        $keys = new ArchiveKeys();
        $rows = new ArchivedRow($keys);
        $named = $this->named($archive, $tables);
        $salonId = 0;
        foreach ($tables as $table) {
            $count = 0;
            foreach ($this->chunks($archive->rows($table->name)) as $some) {
                $count += count($some);
                $made = array_map(fn (array $row): array => $rows->in($table, $row, $salonId), $some);
                if (! in_array($table->name, $named, true)) {
                    DB::table($table->name)->insert($made);

                    continue;
                }
                foreach ($made as $i => $row) {
                    $id = DB::table($table->name)->insertGetId($row);
                    $was = $some[$i][$table->key] ?? null;
                    $keys->add($table->name, is_int($was) ? $was : 0, $id);
                    $salonId = $table->name === 'salons' ? $id : $salonId;
                }
            }
            if ($count !== $archive->count($table->name) || ($table->name === 'salons' && $count !== 1)) {
                throw RestoreRefused::because('damaged', ['file' => $table->name]);
            }
        }

        return Salon::query()->findOrFail($salonId);
    }

    /**
     * @param array<string, ArchivedTable> $tables
     *
     * @return list<string> numbered tables whose numbers somebody asks for
     */
    private function named(ArchiveFile $archive, array $tables): array
    {
        $asked = ['salons', 'users'];
        foreach ($tables as $table) {
            $asked = [...$asked, ...array_values($table->references)];
        }
        foreach ($archive->rows('activity_log') as $entry) {
            $asked[] = ArchivedRow::tableOf($entry['subject_type'] ?? null);
        }

        return array_values(array_unique(array_filter(
            $asked,
            static fn (string $name): bool => ($tables[$name] ?? null)?->isNumbered === true,
        )));
    }

    /**
     * @param iterable<array<string, mixed>> $rows
     *
     * @return iterable<non-empty-list<array<string, mixed>>>
     */
    private function chunks(iterable $rows): iterable
    {
        $some = [];
        foreach ($rows as $row) {
            $some[] = $row;
            if (count($some) === self::AT_ONCE) {
                yield $some;
                $some = [];
            }
        }
        if ($some !== []) {
            yield $some;
        }
    }
}
