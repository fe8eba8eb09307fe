<?php

declare(strict_types=1);

namespace App\Care\Imports;

use App\Bridge\Plans\OutlookRefresh;
use App\Bridge\Products\ClientShelves;
use App\Models\Booking;
use App\Models\Head;
use App\Models\Import;
use App\Models\Salon;
use App\Models\WashDay;
use Illuminate\Support\Facades\DB;

/** Takes out again what an import brought and nobody has touched since; what somebody has worked with stays. */
final readonly class ImportUndo
{
    public function __construct(
        private ImportedDetails $importedDetails,
        private ImportPrints $importPrints,
        private OutlookRefresh $outlookRefresh,
    ) {
    }

    /** @return UndoneImport|null null: it can no more be undone */
    public function of(Import $import, Salon $salon): ?UndoneImport
    {
        if (! $import->canBeUndone()) {
            return null;
        }

        return DB::transaction(function () use ($import, $salon): UndoneImport {
            $details = $this->importedDetails->empty($import->made['filled'] ?? [], $salon);
            /** @var UndoneImport $undone */
            $undone = activity()->withoutLogs(fn (): UndoneImport => $this->undone($import, $salon, $details));
            $counts = ['name' => $import->name, ...$undone->counts()];
            activity()->withProperties(['attributes' => $counts])->log('import-undone');

            return $undone;
        });
    }

    private function undone(Import $import, Salon $salon, int $details): UndoneImport
    {
        $made = $import->made ?? [];
        $keys = static fn (string $what): array => array_map(strval(...), array_keys($made[$what] ?? []));
        $bookings = $this->same($made['bookings'] ?? [], $this->importPrints->bookings($keys('bookings')));
        $washDays = $this->same($made['wash_days'] ?? [], $this->importPrints->washDays($keys('wash_days')));
        $heads = array_values(array_diff(
            $this->same($made['heads'] ?? [], $this->importPrints->heads($keys('heads'))),
            // Whose visit or wash day somebody has changed is somebody's client.
            $this->whose($salon, array_diff($keys('bookings'), $bookings), array_diff($keys('wash_days'), $washDays)),
        ));
        $touched = $this->whose($salon, $bookings, $washDays);
        // One by one: programs that were told of them are told that they are gone.
        foreach (Booking::query()->where('salon_id', $salon->id)->whereIn('id', $bookings)->lazyById() as $booking) {
            $booking->disableLogging()->delete();
        }
        WashDay::query()->where('salon_id', $salon->id)->whereIn('id', $washDays)->delete();
        $this->forget($heads, $salon);
        /** @var list<string> $stay */
        $stay = Head::query()->where('salon_id', $salon->id)->whereIn('id', array_diff($keys('heads'), $heads))
            ->orderBy('name')->pluck('name')->all();
        [$changedBookings, $changedDays] = [
            array_diff($keys('bookings'), $bookings), array_diff($keys('wash_days'), $washDays),
        ];
        $left = Booking::query()->where('salon_id', $salon->id)->whereIn('id', $changedBookings)->count()
            + WashDay::query()->where('salon_id', $salon->id)->whereIn('id', $changedDays)->count();
        $import->delete();
        // Whose history is another one without it is worked out anew.
        $this->outlookRefresh->later(array_values(array_diff($touched, $heads)));

        return new UndoneImport(count($heads), count($bookings), count($washDays), $details, $stay, $left);
    }

    /**
     * @param array<int, string> $bookings
     * @param array<int, string> $washDays
     *
     * @return list<string> keys of their clients
     */
    private function whose(Salon $salon, array $bookings, array $washDays): array
    {
        /** @var list<string> $heads */
        $heads = [
            ...Booking::query()->where('salon_id', $salon->id)->whereIn('id', $bookings)->pluck('head_id')->all(),
            ...WashDay::query()->where('salon_id', $salon->id)->whereIn('id', $washDays)->pluck('head_id')->all(),
        ];

        return array_values(array_unique($heads));
    }

    /** @param list<string> $heads */
    private function forget(array $heads, Salon $salon): void
    {
        foreach (Head::query()->where('salon_id', $salon->id)->whereIn('id', $heads)->get() as $head) {
            ClientShelves::forget($head);
            $head->delete();
        }
        // Who was here by mistake is in the trail no more either, as with every client who is deleted.
        DB::statement('set @nagomi_forgets = 1');
        try {
            DB::table('activity_log')->whereIn('head_id', $heads)->delete();
        } finally {
            DB::statement('set @nagomi_forgets = null');
        }
    }

    /**
     * @param array<string, string> $then
     * @param array<string, string> $now
     *
     * @return list<string> keys of what stands as it did
     */
    private function same(array $then, array $now): array
    {
        return array_map(strval(...), array_keys(array_intersect_assoc($then, $now)));
    }
}
