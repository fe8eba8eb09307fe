<?php

declare(strict_types=1);

namespace App\Bridge\Trials;

use App\Models\Head;
use App\Models\Programme;
use Nagomi\Core\Planning\Programme as CoreProgramme;
use Nagomi\Core\Planning\ProgrammeKind;
use Nagomi\Core\Treatments\Calendar;

/** What a head is kept to for some weeks, from the book into the core's and back. */
final readonly class StoredProgrammes
{
    private const MEASURED_BY = 'dryness';

    /** @return list<CoreProgramme> all that were not broken off, the first first */
    public function of(Head $head): array
    {
        /** @var iterable<Programme> $stored */
        $stored = Programme::query()
            ->where('head_id', $head->id)
            ->whereNull('broken_off_on')
            ->orderBy('began_on')
            ->orderBy('id')
            ->get();
        $programmes = [];
        foreach ($stored as $programme) {
            $programmes[] = self::core($programme);
        }

        return $programmes;
    }

    public static function core(Programme $programme): CoreProgramme
    {
        return new CoreProgramme(
            ProgrammeKind::from($programme->kind),
            Calendar::dayOf($programme->began_on),
            Calendar::dayOf($programme->began_on->addWeeks($programme->weeks)->subDay()),
        );
    }

    /** @param list<CoreProgramme> $programmes of a record */
    public function takeIn(Head $head, array $programmes): void
    {
        foreach ($programmes as $programme) {
            (new Programme())->forceFill([
                'salon_id' => $head->salon_id, 'head_id' => $head->id, 'kind' => $programme->kind->value,
                'sign' => self::MEASURED_BY, 'began_on' => $programme->from->format('Y-m-d'), 'by' => '',
                'weeks' => max(1, (int) ceil((Calendar::daysBetween($programme->from, $programme->until) + 1) / 7)),
            ])->save();
        }
    }
}
