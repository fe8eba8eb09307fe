<?php

declare(strict_types=1);

namespace App\Care\Imports;

use App\Bridge\Clients\RecordImporter;
use App\Bridge\Imports\FilledContact;
use App\Bridge\Imports\FoundLine;
use App\Bridge\Imports\ImportedVisit;
use App\Bridge\Imports\KnownClients;
use App\Bridge\Plans\OutlookRefresh;
use App\Care\Clients\TreatmentHistory;
use App\Care\Clients\UnseenClients;
use App\Models\Head;
use App\Models\Import;
use App\Models\Salon;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecordReader;

/** Takes a looked-through import into the salon, all of it or nothing, and keeps what came of it. */
final readonly class ImportTaking
{
    /** So many are worked out at once; of more, each by the clock or by whoever opens it first. */
    private const AT_ONCE = 12;

    public function __construct(
        private ImportedBookings $importedBookings,
        private ImportedDetails $importedDetails,
        private ImportPrints $importPrints,
        private Imports $imports,
        private OutlookRefresh $outlookRefresh,
        private Parameters $parameters,
        private RecordImporter $recordImporter,
        private TreatmentHistory $treatmentHistory,
        private UnseenClients $unseenClients,
    ) {
    }

    /**
     * @param bool $again whether clients that are here already come as second copies; otherwise they are left out
     * @param bool $fills whether what the file knows of those is written where nothing stands yet
     *
     * @return TakenImport|null how many of each came; null: something changed since somebody looked, and it has to be
     *     looked through again
     */
    public function take(Import $import, Salon $salon, string $by, bool $again, bool $fills): ?TakenImport
    {
        return DB::transaction(function () use ($import, $salon, $by, $again, $fills): ?TakenImport {
            if (! $this->imports->stands($import, $salon)) {
                return null;
            }
            $taken = new TakenImport();
            // The trail hears of each client and of the import as a whole, not of each line it brings.
            activity()->withoutLogs(function () use ($import, $salon, $by, $again, $taken): void {
                // A table was read again just now; who has come since a card was looked at is asked here.
                $known = $import->tables === null ? KnownClients::of($salon) : null;
                foreach ($import->found as $kept) {
                    $line = FoundLine::of($kept);
                    $isCopied = $again && in_array($line->kind, ['client', 'record'], true);
                    $isHere = $line->here || $line->kind === 'client' && $known?->holds($line->holds()) === true;
                    if ($line->isGood() && ($isCopied || ! $isHere)) {
                        $this->line($line, $salon, $taken, $by);
                    }
                }
                $this->treatments($taken);
                $this->importedBookings->insert($taken->bookings);
            });
            if ($fills && ! $again) {
                $this->fill($import, $salon, $taken);
            }
            $this->keep($import, $taken, $by);
            $this->refresh($taken);

            return $taken;
        });
    }

    /** What comes to a client who was here stands in the trail with what stood before, as any change. */
    private function fill(Import $import, Salon $salon, TakenImport $taken): void
    {
        foreach ($import->found as $kept) {
            $line = FoundLine::of($kept);
            $filled = $line->isGood() ? FilledContact::of($line->holds()) : null;
            if ($filled !== null) {
                $taken->filled += $this->importedDetails->fill($filled, $salon);
            }
        }
    }

    private function line(FoundLine $line, Salon $salon, TakenImport $taken, string $by): void
    {
        $holds = $line->holds();
        if ($line->kind === 'record') {
            $record = CareRecordReader::read($line->payload, $this->parameters);
            $taken->arrives($this->recordImporter->record($record, $salon));
        } elseif ($line->kind === 'client') {
            $head = $this->client($holds, $salon, $taken);
            $taken->treated($head, (array) ($holds['rows'] ?? []));
        } else {
            $head = $this->whose((array) ($holds['client'] ?? []), $salon, $taken);
            if ($line->kind === 'booking') {
                $visit = ImportedVisit::of((array) ($holds['visit'] ?? []));
                $taken->visits($head, $this->importedBookings->of($visit, $head, $salon, $by));
            } else {
                $taken->treated($head, (array) ($holds['rows'] ?? []));
            }
        }
    }

    /** @param array<mixed> $client by its key: here already, or come with a line further up, or new with this one */
    private function whose(array $client, Salon $salon, TakenImport $taken): Head
    {
        $key = is_string($client['key'] ?? null) ? $client['key'] : '';
        $head = $taken->known[$key]
            ?? Head::query()->where('salon_id', $salon->id)->find($key)
            ?? $this->client($client, $salon, $taken);

        return $taken->known[$key] = $head;
    }

    /** @param array<mixed> $client who it is, and what was written down; nothing of the hair */
    private function client(array $client, Salon $salon, TakenImport $taken): Head
    {
        $text = static fn (string $name): ?string => is_string($client[$name] ?? null) ? $client[$name] : null;
        $head = $this->unseenClients->take($salon, [
            'name' => (string) $text('name'), 'email' => $text('email'), 'phone' => $text('phone'),
            'born_on' => $text('born_on'),
        ]);
        $written = array_filter([
            'household' => $text('household'), 'hair_history' => $text('hair_history'),
            'allergies' => $text('allergies'),
        ]);
        if ($written !== []) {
            $head->update($written);
        }

        return $taken->arrives($head);
    }

    private function treatments(TakenImport $taken): void
    {
        foreach ($taken->rows as $id => $rows) {
            $washDays = $this->treatmentHistory->washDays($rows);
            $this->recordImporter->washDays($taken->heads[$id], $washDays);
            foreach ($washDays as $washDay) {
                $taken->washDayKeys[] = $washDay->id;
            }
        }
    }

    private function keep(Import $import, TakenImport $taken, string $by): void
    {
        $import->update([
            'found' => [], 'tables' => null, 'reading' => null, 'taken_at' => now(), 'taken_by' => $by,
            'made' => $this->importPrints->ofMade($taken),
        ]);
        foreach ($taken->new as $head) {
            $isRecord = $head->carried !== null;
            activity()->performedOn($head)->log($isRecord ? 'record imported' : 'client-imported');
        }
        activity()->withProperties(['attributes' => [
            'name' => $import->name, ...$taken->counts(),
        ]])->log('file-imported');
    }

    private function refresh(TakenImport $taken): void
    {
        if (count($taken->heads) <= self::AT_ONCE) {
            foreach ($taken->heads as $head) {
                $this->outlookRefresh->after($head);
            }
        } else {
            $this->outlookRefresh->later(array_map(strval(...), array_keys($taken->heads)));
        }
    }
}
