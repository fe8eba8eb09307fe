<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Clients\StoredPace;
use App\Bridge\Plans\OutlookRefresh;
use App\Bridge\WashDays\CorrectableMinutes;
use App\Care\Readings\Visits;
use App\Models\Visit;
use App\Models\WashSession;
use App\Wording\Words;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading as CoreReading;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\WashDay\DriedDay;
use Nagomi\Core\WashDay\DryingPace;

/** Minutes of an ended wash day, corrected: in the record, in what it read, and in what the next is planned by. */
final readonly class WashCorrections
{
    public function __construct(
        private HeadRecord $headRecord,
        private OutlookRefresh $outlookRefresh,
        private Visits $visits,
    ) {
    }

    /**
     * @param array<string, float> $said minutes by key
     *
     * @return bool false where the wash day is not in the book as it was run any more
     */
    public function minutes(WashSession $washSession, array $said, string $by): bool
    {
        return DB::transaction(function () use ($washSession, $said, $by): bool {
            /** @var WashSession $locked */
            $locked = WashSession::query()->whereKey($washSession->id)->lockForUpdate()->sole();
            $rows = CorrectableMinutes::rows($locked);
            if ($rows === []) {
                return false;
            }
            $detangled = 0.0;
            $outcome = $locked->outcome ?? [];
            foreach ($rows as $key => [, $row]) {
                if (isset($said[$key]) && CorrectableMinutes::isOpen($row)) {
                    $row->update(['minutes' => round($said[$key], 1)]);
                    $outcome['steps'] = self::corrected($outcome['steps'] ?? null, $key, $said[$key]);
                }
                $detangled += $row->kind === 'detangle' ? $row->minutes ?? 0.0 : 0.0;
            }
            $locked->update(['outcome' => $outcome]);
            $this->dried($locked, $said);
            $this->reading($locked, $detangled, $by);
            $this->outlookRefresh->after($locked->head, Calendar::dayOf($locked->date));

            return true;
        });
    }

    /** @return list<mixed> */
    private static function corrected(mixed $steps, string $key, float $minutes): array
    {
        return array_map(
            static fn (mixed $step): mixed => is_array($step) && ($step['key'] ?? null) === $key
                ? ['actual' => round($minutes, 1)] + $step
                : $step,
            is_array($steps) ? array_values($steps) : [],
        );
    }

    /**
     * How long it dried, also where the taps told nothing of it.
     *
     * @param array<string, float> $said minutes by key
     */
    private function dried(WashSession $washSession, array $said): void
    {
        foreach (CorrectableMinutes::dryings($washSession) as $key => ['by' => $by, 'row' => $row]) {
            if (! isset($said[$key])) {
                continue;
            }
            if ($row !== null) {
                $row->update(['minutes' => round($said[$key], 1)]);
                continue;
            }
            StoredPace::dried($washSession->head, new DriedDay(
                Calendar::dayOf($washSession->date),
                $by,
                $said[$key],
                $this->isHeavy($washSession),
            ), $washSession, $key);
        }
    }

    private function isHeavy(WashSession $washSession): bool
    {
        $head = $washSession->head;
        $row = $head->washDays()->where('key', $washSession->wash_day)->with('steps')->firstOrFail();

        return DryingPace::isHeavy($this->headRecord->core($head), $this->headRecord->washDay($row)->steps);
    }

    /** What the day told of detangling is read from its minutes. */
    private function reading(WashSession $washSession, float $minutes, string $by): void
    {
        /** @var Visit|null $visit */
        $visit = $washSession->visit === null ? null : $washSession->head->visits()->find($washSession->visit);
        $row = $visit?->readings->firstWhere('test', 'detangling');
        if ($visit === null || $row === null || $row->raw === ['minutes' => round($minutes, 1)] + $row->raw) {
            return;
        }
        $this->visits->correct($washSession->head, $visit, [new CoreReading(
            strtolower((string) Str::ulid()),
            Calendar::dayOf($row->date),
            Moment::from($row->moment),
            'detangling',
            ['minutes' => round($minutes, 1)] + $row->raw,
            null,
            $by,
        )], $by, Words::say('wash.corrected-because'));
    }
}
