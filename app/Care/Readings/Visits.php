<?php

declare(strict_types=1);

namespace App\Care\Readings;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Clients\RecordImporter;
use App\Bridge\Plans\OutlookRefresh;
use App\Bridge\Readings\VisitImpact;
use App\Bridge\Readings\VisitImpacts;
use App\Care\Clients\SafetyFlags;
use App\Models\Head;
use App\Models\Reading;
use App\Models\Visit;
use App\Wording\Words;
use DateTimeInterface;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Readings\Reading as CoreReading;
use Nagomi\Core\Treatments\Calendar;

/**
 * Takes visits of the Bench in, corrects and undoes them. What a visit said stays on record, whatever becomes of it.
 */
final readonly class Visits
{
    public function __construct(
        private HeadRecord $headRecord,
        private OutlookRefresh $outlookRefresh,
        private RecordImporter $recordImporter,
        private SafetyFlags $safetyFlags,
        private VisitImpacts $visitImpacts,
    ) {
    }

    /**
     * Takes a visit in once, however often it is sent.
     *
     * @param non-empty-list<CoreReading> $readings of one day and moment
     * @param list<array<string, mixed>>  $typed    as typed or tapped, for each reading
     * @param array<string, int>          $seconds  how long each test took, by test
     * @param array<string, string>       $skipped  reason by test
     */
    public function take(
        Head $head,
        string $id,
        array $readings,
        string $by,
        array $typed = [],
        array $seconds = [],
        array $skipped = [],
    ): Visit {
        $known = $this->known($head, $id);
        if ($known !== null) {
            return $known;
        }
        $told = $this->visitImpacts->of($head, $readings);
        try {
            return DB::transaction(function () use (
                $head,
                $id,
                $readings,
                $by,
                $typed,
                $seconds,
                $skipped,
                $told,
            ): Visit {
                $visit = new Visit([
                    'id' => $id, 'salon_id' => $head->salon_id, 'head_id' => $head->id,
                    'date' => $readings[0]->date->format('Y-m-d'), 'moment' => $readings[0]->moment->value, 'by' => $by,
                    'skipped' => $skipped,
                ]);
                $visit->save();
                $this->recordImporter->readings($head, $readings, $visit->id, $seconds, $typed);
                $this->safetyFlags->raisedBy($head, $readings, $by);
                $this->account($head, $visit, $told, $readings[0]->date, $by, '');

                return $visit;
            });
        } catch (UniqueConstraintViolationException $twice) {
            // It came a second time while the first was still being taken in.
            return $this->known($head, $id) ?? throw $twice;
        }
    }

    private function known(Head $head, string $id): ?Visit
    {
        return Visit::query()->where('head_id', $head->id)->find($id);
    }

    /**
     * Puts other readings in the place of a visit's own. Whoever took them stays named; what was confirmed of other
     * numbers is not any more.
     *
     * @param non-empty-list<CoreReading> $readings of one day and moment
     * @param list<array<string, mixed>>  $typed    as typed or tapped, for each reading
     */
    public function correct(
        Head $head,
        Visit $visit,
        array $readings,
        string $by,
        string $because,
        array $typed = [],
    ): void {
        /** @var array<string, Reading> $old */
        $old = $visit->readings->keyBy(fn (Reading $reading): string => $reading->test . $reading->zone)->all();
        $told = $this->visitImpacts->of(
            $head,
            $readings,
            array_values(array_map(fn (Reading $reading): string => $reading->key, $old)),
        );
        $since = min($visit->date->format('Y-m-d'), $readings[0]->date->format('Y-m-d'));
        DB::transaction(function () use ($head, $visit, $readings, $by, $because, $typed, $old, $told, $since): void {
            foreach ($readings as $i => $reading) {
                $place = $reading->test . $reading->zone?->value;
                $row = $old[$place] ?? null;
                unset($old[$place]);
                if ($row === null) {
                    $this->recordImporter->readings($head, [$reading], $visit->id, typed: [$typed[$i] ?? []]);
                    continue;
                }
                $row->fill(['date' => $reading->date->format('Y-m-d'), 'moment' => $reading->moment->value]);
                if ($row->raw !== $reading->raw) {
                    $row->fill(['raw' => $reading->raw, 'typed' => ($typed[$i] ?? []) ?: null, 'confirmed' => false]);
                }
                $row->save();
            }
            // One by one, so that the audit trail hears of each.
            foreach ($old as $gone) {
                $gone->delete();
            }
            $visit->update(['date' => $readings[0]->date->format('Y-m-d'), 'moment' => $readings[0]->moment->value]);
            $this->safetyFlags->raisedBy($head, $readings, $by);
            $this->account($head, $visit, $told, Calendar::dayOf(new \DateTimeImmutable($since)), $by, $because);
        });
    }

    /** Believes a reading that did not fit: it was taken again and found so. */
    public function confirm(Head $head, Reading $reading, string $by): void
    {
        $visit = Visit::query()->where('head_id', $head->id)->findOrFail($reading->visit);
        DB::transaction(function () use ($head, $visit, $reading, $by): void {
            if ($reading->confirmed) {
                return;
            }
            $reading->update(['confirmed' => true]);
            $readings = array_values($visit->readings()->get()->map($this->headRecord->reading(...))->all());
            if ($readings !== []) {
                $told = $this->visitImpacts->of(
                    $head,
                    $readings,
                    array_map(fn (CoreReading $one): string => $one->id, $readings),
                );
                $this->account($head, $visit, $told, $reading->date, $by, Words::say('hair-tests.again'));
            }
        });
    }

    /** @return int how many readings were taken back; 0 where they had been before */
    public function undo(Head $head, Visit $visit): int
    {
        return DB::transaction(function () use ($head, $visit): int {
            $gone = $visit->readings()->get();
            // One by one, so that the audit trail hears of each.
            $gone->each(fn (Reading $reading) => $reading->delete());
            $visit->update(['undone_at' => $visit->undone_at ?? now()]);
            $this->outlookRefresh->after($head, $visit->date);

            return $gone->count();
        });
    }

    private function account(
        Head $head,
        Visit $visit,
        VisitImpact $told,
        DateTimeInterface $since,
        string $by,
        string $because,
    ): void {
        $this->outlookRefresh->after($head, $since);
        $visit->accounts()->create(['by' => $by, 'because' => $because, 'written_at' => now(), 'account' => [
            'date' => $visit->date->format('Y-m-d'),
            'moment' => $visit->moment,
            'before' => $told->before,
            'after' => $told->after,
            'ruled_out' => $told->ruledOut,
            'readings' => $told->readings,
            'tested' => ['before' => $told->testedBefore, 'after' => $told->testedAfter],
        ]]);
    }
}
