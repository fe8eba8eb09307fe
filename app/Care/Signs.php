<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Clearance;
use App\Models\Head;
use DateTimeInterface;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Safety\BarringSign;
use Nagomi\Core\Safety\Clearance as CoreClearance;

/** Raises signs that bar treatments, and clears them. The flag of the head and the entry that says why go together. */
final class Signs
{
    /** The column of the head by sign. */
    public const FLAGS = ['red' => 'red_sign', 'sore' => 'sore_scalp'];

    /** @return list<CoreClearance> all that was raised on a head, the first first */
    public static function ofRecord(Head $head): array
    {
        /** @var iterable<Clearance> $entries */
        $entries = Clearance::query()->where('head_id', $head->id)->orderBy('raised_on')->orderBy('id')->get();

        $clearances = [];
        foreach ($entries as $entry) {
            $cleared = $entry->cleared_on === null ? null : HeadRecord::date($entry->cleared_on);
            $clearances[] = new CoreClearance(BarringSign::from($entry->sign), HeadRecord::date($entry->raised_on), $entry->raised_by, $entry->seen, $cleared, $entry->cleared_by);
        }

        return $clearances;
    }

    /** @param list<CoreClearance> $clearances */
    public static function takeIn(Head $head, array $clearances): void
    {
        foreach ($clearances as $clearance) {
            (new Clearance())->forceFill([
                'salon_id' => $head->salon_id, 'head_id' => $head->id, 'sign' => $clearance->sign->value, 'seen' => $clearance->seen, 'raised_by' => $clearance->raisedBy,
                'raised_on' => $clearance->raisedOn->format('Y-m-d'), 'cleared_on' => $clearance->clearedOn?->format('Y-m-d'), 'cleared_by' => $clearance->clearedBy,
            ])->save();
        }
    }

    public static function raise(Head $head, string $sign, string $seen, string $by): void
    {
        DB::transaction(function () use ($head, $sign, $seen, $by): void {
            (new Clearance())->forceFill([
                'salon_id' => $head->salon_id, 'head_id' => $head->id, 'sign' => $sign, 'seen' => $seen, 'raised_by' => $by, 'raised_on' => $head->salon->today()->format('Y-m-d'),
            ])->save();
            $head->update([self::FLAGS[$sign] => true]);
        });
        OutlookRefresh::after($head);
    }

    /** A flag set at the intake has no entry yet: it gets one as it is cleared, so that the name and the day stand somewhere. */
    public static function clear(Head $head, string $sign, string $by, DateTimeInterface $on): void
    {
        DB::transaction(function () use ($head, $sign, $by, $on): void {
            /** @var list<Clearance> $open */
            $open = array_values(Clearance::query()->where('head_id', $head->id)->where('sign', $sign)->whereNull('cleared_on')->get()->all());
            if ($open === []) {
                $open[] = (new Clearance())->forceFill([
                    'salon_id' => $head->salon_id, 'head_id' => $head->id, 'sign' => $sign, 'seen' => 'noted at the intake', 'raised_by' => '', 'raised_on' => $head->salon->today()->format('Y-m-d'),
                ]);
            }
            foreach ($open as $clearance) {
                $clearance->forceFill(['cleared_by' => $by, 'cleared_on' => $on->format('Y-m-d')])->save();
            }
            $head->update([self::FLAGS[$sign] => false]);
        });
        OutlookRefresh::after($head);
    }
}
