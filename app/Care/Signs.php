<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Clearance;
use App\Models\Head;
use DateTimeInterface;
use Illuminate\Support\Facades\DB;

/** Raises signs that bar treatments, and clears them. The flag of the head and the entry that says why go together. */
final class Signs
{
    /** The column of the head by sign. */
    public const FLAGS = ['red' => 'red_sign', 'sore' => 'sore_scalp'];

    public static function raise(Head $head, string $sign, string $seen, string $by): void
    {
        DB::transaction(function () use ($head, $sign, $seen, $by): void {
            (new Clearance())->forceFill([
                'salon_id' => $head->salon_id, 'head_id' => $head->id, 'sign' => $sign, 'seen' => $seen, 'raised_by' => $by, 'raised_on' => $head->salon->today()->format('Y-m-d'),
            ])->save();
            $head->update([self::FLAGS[$sign] => true]);
        });
        Renewal::of($head);
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
        Renewal::of($head);
    }
}
