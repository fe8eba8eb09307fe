<?php

declare(strict_types=1);

namespace App\Care\Clients;

use App\Bridge\Clients\PorosityFindings;
use App\Bridge\Clients\RecordImporter;
use App\Bridge\Plans\OutlookRefresh;
use App\Models\ConsentPurpose;
use App\Models\Head;
use App\Models\Salon;
use App\Models\User;
use DateTimeInterface;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Head\ZonePart;

/** Takes clients into the book and keeps what is written of them. */
final readonly class ClientRegistry
{
    public function __construct(
        private Consents $consents,
        private OutlookRefresh $outlookRefresh,
        private PorosityFindings $porosityFindings,
        private RecordImporter $recordImporter,
        private TreatmentHistory $treatmentHistory,
    ) {
    }

    /**
     * @param array<string, mixed>    $columns  of the head, as its form gave them
     * @param list<ZonePart>         $parts
     * @param array<array-key, mixed> $notebook rows of what the old notebook knew
     */
    public function register(
        Salon $salon,
        array $columns,
        array $parts,
        array $notebook,
        DateTimeInterface $consentOn,
    ): Head {
        $head = DB::transaction(function () use ($salon, $columns, $parts, $notebook, $consentOn): Head {
            $head = (new Head($columns))->forceFill([
                'salon_id' => $salon->id,
                'consent_on' => $consentOn->format('Y-m-d'),
            ]);
            $head->save();
            $this->agree($head);
            $this->recordImporter->zones($head, $parts);
            $this->recordImporter->washDays($head, $this->treatmentHistory->washDays($notebook));

            return $head;
        });
        $this->outlookRefresh->after($head);

        return $head;
    }

    /**
     * @param array<string, mixed>     $columns
     * @param list<ZonePart>         $parts
     * @param DateTimeInterface|null   $since   the day from which the zones are like this; null: they always were
     * @param array<array-key, mixed>  $notebook
     * @param DateTimeInterface|null   $consentOn where consent is given with it; null: as it was
     */
    public function change(
        Head $head,
        array $columns,
        array $parts,
        ?DateTimeInterface $since,
        array $notebook,
        ?DateTimeInterface $consentOn = null,
    ): void {
        DB::transaction(function () use ($head, $columns, $parts, $since, $notebook, $consentOn): void {
            $head->fill($columns);
            if ($consentOn !== null && $head->consent_on === null) {
                $head->forceFill(['consent_on' => $consentOn->format('Y-m-d')])->save();
                $this->agree($head);
            }
            $head->save();
            $this->recordImporter->zonesAgain($head, $parts, $since);
            $this->recordImporter->washDays($head, $this->treatmentHistory->washDays($notebook));
        });
        $this->outlookRefresh->after($head);
    }

    /** In the words of that day; for a child the guardian agrees, where nobody else is named. */
    private function agree(Head $head): void
    {
        $this->consents->give(
            $head->loadMissing('salon'),
            ConsentPurpose::Record,
            $head->consent_by ?? $head->guardian_name ?? $head->name,
            Auth::user() instanceof User ? Auth::user()->name : '',
        );
    }

    /** @return bool whether there was a sure finding for that zone to take over */
    public function takeZone(Head $head, string $zone): bool
    {
        return $this->porosityFindings->take($head->load(['salon', 'outlook', 'zoneParts']), $zone);
    }
}
