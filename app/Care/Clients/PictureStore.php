<?php

declare(strict_types=1);

namespace App\Care\Clients;

use App\Models\Picture;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\Storage;
use RuntimeException;

/** All pictures at once, wherever they are kept: what belongs to nobody any more, and copies for a backup. */
final readonly class PictureStore
{
    private const FOLDER = 'pictures';

    /** One that is just being taken in has its file before its row is seen. */
    private const FRESH_HOURS = 1;

    private const AT_A_TIME = 500;

    /** @return int how many files were deleted that no picture of the book has */
    public function sweep(CarbonImmutable $now): int
    {
        $disk = $this->disk();
        $before = $now->subHours(self::FRESH_HOURS)->getTimestamp();
        $swept = 0;
        foreach (array_chunk($disk->allFiles(self::FOLDER), self::AT_A_TIME) as $paths) {
            $ids = array_map(static fn (string $path): string => basename($path, '.jpg'), $paths);
            /** @var list<string> $known */
            $known = Picture::query()->withoutGlobalScopes()->whereIn('id', $ids)->pluck('id')->all();
            foreach (array_diff($ids, $known) as $at => $id) {
                if ($disk->lastModified($paths[$at]) < $before) {
                    $disk->delete($paths[$at]);
                    $swept++;
                }
            }
        }

        return $swept;
    }

    /**
     * Makes a folder of this machine hold what the store holds, and nothing else: what it has already is left as it is.
     *
     * @param string $folder absolute path
     *
     * @return int how many files were fetched
     *
     * @throws RuntimeException where a file cannot be written
     */
    public function copyTo(string $folder): int
    {
        $paths = $this->disk()->allFiles(self::FOLDER);
        $here = Storage::build(['driver' => 'local', 'root' => $folder, 'throw' => true]);
        foreach (array_diff($here->allFiles(self::FOLDER), $paths) as $gone) {
            $here->delete($gone);
        }
        $fetched = 0;
        foreach ($paths as $path) {
            // A picture is changed by a change of keys alone, which is later than the copy.
            $isThere = $here->exists($path) && $here->lastModified($path) >= $this->disk()->lastModified($path);
            if (! $isThere) {
                $here->put($path, (string) $this->disk()->get($path));
                $fetched++;
            }
        }

        return $fetched;
    }

    /** @return int how many files were brought; what the store has and the folder has not is deleted */
    public function bringFrom(string $folder): int
    {
        $here = Storage::build(['driver' => 'local', 'root' => $folder, 'throw' => true]);
        $paths = $here->allFiles(self::FOLDER);
        foreach (array_diff($this->disk()->allFiles(self::FOLDER), $paths) as $other) {
            $this->disk()->delete($other);
        }
        foreach ($paths as $path) {
            $this->disk()->put($path, (string) $here->get($path));
        }

        return count($paths);
    }

    private function disk(): Filesystem
    {
        return Storage::disk(Picture::DISK);
    }
}
