<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Bridge\Trials\StoredProgrammes;
use App\Models\ConsentPurpose;
use App\Models\Head;
use App\Models\Salon;
use App\Models\Visit;
use App\Models\WashDay;
use DateTimeInterface;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Nagomi\Core\Head as Core;
use Nagomi\Core\Readings as CoreReading;
use Nagomi\Core\Record\BottleFields;
use Nagomi\Core\Record\CareRecord;
use Nagomi\Core\Record\CareRecordWriter;
use Nagomi\Core\Record\PlanTermsFields;
use Nagomi\Core\Record\ZoneFields;
use Nagomi\Core\Treatments as CoreTreatment;

/** Stores what comes from the core: a whole record, a wash day, readings. All of it or nothing. */
final readonly class RecordImporter
{
    public function __construct(
        private HeadRecord $headRecord,
        private StoredClearances $storedClearances,
        private StoredProgrammes $storedProgrammes,
    ) {
    }

    /** Stores a record as a new head of the salon; its own id is kept where it is a free ulid. */
    public function record(CareRecord $record, Salon $salon): Head
    {
        return DB::transaction(function () use ($record, $salon): Head {
            [$columns, $besides] = ClientDetails::fromRecord($record->intake);
            $head = new Head($columns + $this->columns($record->head) + [
                'name' => mb_substr($record->name, 0, 120) ?: 'Without a name',
                'carried' => ['intake' => $besides, 'products' => $record->products],
                'season' => PlanTermsFields::write($record->terms->keepingTo([])),
            ]);
            $free = Str::isUlid($record->id)
                && ! Head::query()->withoutGlobalScope('salon')->whereKey($record->id)->exists();
            $head->id = $free ? $record->id : strtolower((string) Str::ulid());
            $head->salon_id = $salon->id;
            $head->save();
            // The trail hears of the import as a whole, not of each entry it brings.
            activity()->withoutLogs(function () use ($head, $record): void {
                $this->agreed($head);
                $this->zones($head, $record->head->zoneParts);
                foreach ($record->remaps as $remap) {
                    $this->zonesBefore($head, $remap->date, $remap->before);
                }
                $this->washDays($head, $record->washDays);
                $this->visits($head, $record->readings);
                $this->storedClearances->takeIn($head, $record->clearances);
                $this->storedProgrammes->takeIn($head, $record->terms->programmes);
                StoredPace::takeIn($head, $record->pace);
            });

            return $head;
        });
    }

    /** Agreed to elsewhere: that it was comes along, the words that were read do not. */
    private function agreed(Head $head): void
    {
        if ($head->consent_on !== null) {
            $head->consents()->forceCreate([
                'salon_id' => $head->salon_id, 'purpose' => ConsentPurpose::Record, 'wording' => '', 'taken_by' => '',
                'given_by' => $head->consent_by ?? $head->guardian_name ?? $head->name,
                'given_on' => $head->consent_on->format('Y-m-d'),
            ]);
        }
    }

    /** @return array<string, mixed> what a head's row holds of the core's head */
    public function columns(\Nagomi\Core\Head\Head $head): array
    {
        return [
            'length_mm' => $head->lengthMm === null ? null : (int) round($head->lengthMm),
            'sections' => $head->sections,
            'washing_sections' => $head->sectionsByWork->washing,
            'detangling_sections' => $head->sectionsByWork->detangling,
            'styling_sections' => $head->sectionsByWork->styling,
            'hardness_mg_per_l' => $head->hardnessMgPerL,
            'humidity_percent' => $head->humidityPercent,
            'styling_load' => $head->load->value,
            'protein_sensitive' => $head->proteinSensitive,
            'sore_scalp' => $head->soreScalp,
            'swims' => $head->swims,
            'tender_edges' => $head->tenderEdges,
            'red_sign' => $head->redSign,
            'wash_every_days' => $head->washEveryDays,
            'minutes_limit' => $head->minutesLimit,
            'method' => $head->method->choices,
        ];
    }

    /** @param list<Core\ZonePart> $parts */
    public function zones(Head $head, array $parts): void
    {
        $head->zoneParts()->delete();
        $head->zoneParts()->createMany(array_map(fn (\Nagomi\Core\Head\ZonePart $part): array => [
            'zone' => $part->zone->value,
            'part' => $part->part->value,
            'porosity' => $part->porosity->value,
            'strand' => $part->strand->value,
            'chemically_treated' => $part->chemicallyTreated,
        ], $parts));
    }

    /**
     * The zones of a head that is in the book already.
     *
     * @param list<Core\ZonePart>    $parts
     * @param DateTimeInterface|null $since the day the hair became so; null: it always was, and was written down
     *     wrongly
     */
    public function zonesAgain(Head $head, array $parts, ?DateTimeInterface $since): void
    {
        $before = $this->headRecord->core($head->load('zoneParts'))->zoneParts;
        if (
            $since !== null && array_map(ZoneFields::write(...), $before) !== array_map(ZoneFields::write(...), $parts)
        ) {
            $this->zonesBefore($head, $since, $before);
        }
        $this->zones($head, $parts);
    }

    /** @param list<Core\ZonePart> $parts as they were until the day */
    public function zonesBefore(Head $head, DateTimeInterface $until, array $parts): void
    {
        $head->zonesBefore()->updateOrCreate(
            ['until' => $until->format('Y-m-d')],
            ['zones' => array_map(ZoneFields::write(...), $parts)],
        );
    }

    /** @param list<CoreTreatment\WashDay> $washDays */
    public function washDays(Head $head, array $washDays): void
    {
        foreach ($washDays as $washDay) {
            $stored = new WashDay([
                'key' => $washDay->id,
                'salon_id' => $head->salon_id,
                'head_id' => $head->id,
                'date' => $washDay->date->format('Y-m-d'),
                'place' => $washDay->place->value,
                'approximate' => $washDay->approximate,
                'planned' => $washDay->planned === null
                    ? null
                    : array_map(CareRecordWriter::step(...), $washDay->planned),
            ]);
            $stored->save();
            $stored->steps()->insert(array_map(fn (CoreTreatment\Step $step, int $position): array => array_replace(
                [
                    'minutes' => null, 'heat' => false, 'cleanse' => null, 'passes' => 1, 'how' => null, 'tool' => null,
                    'millimetres' => null, 'product' => null, 'evening_before' => false,
                ],
                CareRecordWriter::step($step->with(null)),
                [
                    'wash_day_id' => $stored->id,
                    'position' => $position,
                    'contents' => $step->contents === null
                        ? null
                        : json_encode((object) BottleFields::write($step->contents), JSON_THROW_ON_ERROR),
                ],
            ), $washDay->steps, array_keys($washDay->steps)));
        }
    }

    /** A wash day in the book with the same steps, on the same day at the same place: two hands noted one wash day. */
    public function sameWashDay(Head $head, \Nagomi\Core\Treatments\WashDay $washDay): ?WashDay
    {
        $steps = fn (\Nagomi\Core\Treatments\WashDay $of): string => (string) json_encode(array_map(
            // What a bottle holds is looked up when the day is written; it makes no other wash day of it.
            static fn (CoreTreatment\Step $step): array => CareRecordWriter::step($step->with(null)),
            $of->steps,
        ));
        foreach (
            $head
                ->washDays()
                ->with('steps')
                ->where('date', $washDay->date->format('Y-m-d'))
                ->where('place', $washDay->place->value)
                ->get() as $stored
        ) {
            if ($steps($this->headRecord->washDay($stored)) === $steps($washDay)) {
                return $stored;
            }
        }

        return null;
    }

    /**
     * Readings from elsewhere, as visits of one day, moment and reader.
     *
     * @param list<CoreReading\Reading> $readings
     */
    private function visits(Head $head, array $readings): void
    {
        $visits = [];
        foreach ($readings as $reading) {
            $visits["{$reading->date->format('Y-m-d')} {$reading->moment->value} {$reading->by}"][] = $reading;
        }
        foreach ($visits as $of) {
            $visit = new Visit([
                'salon_id' => $head->salon_id, 'head_id' => $head->id, 'date' => $of[0]->date->format('Y-m-d'),
                'moment' => $of[0]->moment->value, 'by' => $of[0]->by, 'skipped' => [],
            ]);
            $visit->save();
            $this->readings($head, $of, $visit->id);
        }
    }

    /**
     * @param list<CoreReading\Reading>  $readings
     * @param array<string, int>         $seconds how long each test took, by test; what was not timed is left out
     * @param list<array<string, mixed>> $typed as typed or tapped, for each reading, where that was not the book's unit
     */
    public function readings(Head $head, array $readings, string $visit, array $seconds = [], array $typed = []): void
    {
        foreach ($readings as $i => $reading) {
            $head->readings()->make()->forceFill([
                'key' => $reading->id,
                'salon_id' => $head->salon_id,
                'visit' => $visit,
                'date' => $reading->date->format('Y-m-d'),
                'moment' => $reading->moment->value,
                'test' => $reading->test,
                'raw' => $reading->raw,
                'typed' => ($typed[$i] ?? []) ?: null,
                'zone' => $reading->zone?->value,
                'by' => $reading->by,
                'confirmed' => $reading->confirmed,
                'seconds' => $seconds[$reading->test] ?? null,
            ])->save();
        }
    }
}
