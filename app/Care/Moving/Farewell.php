<?php

declare(strict_types=1);

namespace App\Care\Moving;

use App\Models\Deletion;
use App\Models\Head;
use App\Models\Picture;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** Deletes a client with all her data, and keeps the proof: what there was, counted, and that it is not there any more. */
final class Farewell
{
    public static function to(Head $head, string $by): Deletion
    {
        $traces = Traces::of($head);
        $files = $traces->files($head);
        $salonId = $head->salon_id;
        // The trail must not write her name down once more while she is deleted.
        activity()->withoutLogs(fn () => DB::transaction(function () use ($head, $traces): void {
            $traces->forgetTrail();
            $head->delete();
        }));
        // Files go when the rows surely have.
        Storage::disk(Picture::DISK)->delete($files);

        return Deletion::query()->create([
            'salon_id' => $salonId, 'by' => $by, 'before' => $traces->counts(), 'after' => $traces->left(),
            'files_before' => count($files), 'files_after' => count(array_filter($files, fn (string $path): bool => Storage::disk(Picture::DISK)->exists($path))), 'deleted_at' => now(),
        ]);
    }
}
