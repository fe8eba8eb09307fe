<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\Clearance;
use App\Models\Head;
use Nagomi\Core\Safety\BarringSign;
use Nagomi\Core\Safety\Clearance as CoreClearance;
use Nagomi\Core\Treatments\Calendar;

/** The signs that barred treatments of a head, from the book into the core's and back. */
final readonly class StoredClearances
{
    /** @return list<CoreClearance> all that was raised on a head, the first first */
    public function ofRecord(Head $head): array
    {
        /** @var iterable<Clearance> $entries */
        $entries = Clearance::query()->where('head_id', $head->id)->orderBy('raised_on')->orderBy('id')->get();

        $clearances = [];
        foreach ($entries as $entry) {
            $cleared = $entry->cleared_on === null ? null : Calendar::dayOf($entry->cleared_on);
            $clearances[] = new CoreClearance(
                BarringSign::from($entry->sign),
                Calendar::dayOf($entry->raised_on),
                $entry->raised_by,
                $entry->seen,
                $cleared,
                $entry->cleared_by,
                $entry->by_reading,
                $entry->confirmed_on === null ? null : Calendar::dayOf($entry->confirmed_on),
                $entry->confirmed_by,
                $entry->withdrawn,
            );
        }

        return $clearances;
    }

    /** @param list<CoreClearance> $clearances */
    public function takeIn(Head $head, array $clearances): void
    {
        foreach ($clearances as $clearance) {
            (new Clearance())->forceFill([
                'salon_id' => $head->salon_id, 'head_id' => $head->id, 'sign' => $clearance->sign->value,
                'seen' => $clearance->seen, 'raised_by' => $clearance->raisedBy,
                'raised_on' => $clearance->raisedOn->format('Y-m-d'),
                'cleared_on' => $clearance->clearedOn?->format('Y-m-d'),
                'cleared_by' => $clearance->clearedBy,
                'by_reading' => $clearance->byReading,
                'confirmed_on' => $clearance->confirmedOn?->format('Y-m-d'),
                'confirmed_by' => $clearance->confirmedBy,
                'withdrawn' => $clearance->withdrawn,
            ])->save();
        }
    }
}
