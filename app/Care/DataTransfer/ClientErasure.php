<?php

declare(strict_types=1);

namespace App\Care\DataTransfer;

use App\Bridge\Products\ClientShelves;
use App\Models\Act;
use App\Models\Deletion;
use App\Models\Head;
use App\Models\Import;
use App\Models\Picture;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/**
 * Deletes a client with all data, and keeps the proof: what there was, counted, and that it is not there any more.
 */
final readonly class ClientErasure
{
    public function to(Head $head, string $by): Deletion
    {
        $traces = ClientTraces::of($head);
        $files = $traces->files($head);
        $salonId = $head->salon_id;
        // The trail must not write the name down once more while the client is deleted.
        $erase = function () use ($head, $traces, $files, $salonId, $by): Deletion {
            $traces->forgetTrail();
            $this->forgetActs($head);
            $this->forgetImports($head);
            ClientShelves::forget($head);
            $head->delete();
            $deletion = Deletion::query()->create([
                'salon_id' => $salonId, 'by' => $by, 'before' => $traces->counts(), 'after' => $traces->left(),
                'files_before' => count($files), 'files_after' => count($files), 'deleted_at' => now(),
            ]);
            // Files go when the rows surely have, and the proof says so only then; where their store is away they go by
            // night (nagomi:sweep-pictures), and the proof does not say that they are gone.
            DB::afterCommit(fn (): mixed => rescue(function () use ($deletion, $files): void {
                Storage::disk(Picture::DISK)->delete($files);
                $deletion->update([
                    'files_after' => count(array_filter(
                        $files,
                        fn (string $path): bool => Storage::disk(Picture::DISK)->exists($path),
                    )),
                ]);
            }));

            return $deletion;
        };

        /** @var Deletion $deletion */
        $deletion = activity()->withoutLogs(fn (): Deletion => DB::transaction($erase));
        activity()->performedOn($deletion)->log('client-deleted');

        return $deletion;
    }

    /** Files that wait to be imported may name the client; what one brought can be undone for the others still. */
    private function forgetImports(Head $head): void
    {
        Import::query()->where('salon_id', $head->salon_id)->whereNull('taken_at')->delete();
        foreach (Import::query()->where('salon_id', $head->salon_id)->get() as $import) {
            $made = $import->made ?? [];
            unset($made['heads'][$head->id]);
            $made['filled'] = array_filter(
                $made['filled'] ?? [],
                static fn (string $of): bool => ! str_starts_with($of, $head->id),
                ARRAY_FILTER_USE_KEY,
            );
            $import->update(['made' => $made]);
        }
    }

    /** Answers kept for acts that might be sent again name the client or lead to them. */
    private function forgetActs(Head $head): void
    {
        $like = fn (string $text): string => '%' . addcslashes($text, '%_\\') . '%';
        $named = substr((string) json_encode($head->name, JSON_UNESCAPED_UNICODE), 1, -1);
        // The one under way has no answer yet, and will have none that names anybody.
        Act::query()
            ->whereNotNull('answer')
            ->where(
                fn ($acts) => $acts->where(
                    'answer',
                    'like',
                    $like($head->id),
                )->orWhere('answer', 'like', $like($named)),
            )
            ->delete();
    }
}
