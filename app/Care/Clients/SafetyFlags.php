<?php

declare(strict_types=1);

namespace App\Care\Clients;

use App\Bridge\Plans\OutlookRefresh;
use App\Models\Clearance;
use App\Models\Head;
use DateTimeInterface;
use Illuminate\Support\Facades\DB;

/** Raises signs that bar treatments, and clears them. The flag of the head and the entry that says why go together. */
final readonly class SafetyFlags
{
    public function __construct(
        private OutlookRefresh $outlookRefresh,
    ) {
    }

    public function raise(Head $head, string $sign, string $seen, string $by): void
    {
        DB::transaction(function () use ($head, $sign, $seen, $by): void {
            (new Clearance())->forceFill([
                'salon_id' => $head->salon_id,
                'head_id' => $head->id,
                'sign' => $sign,
                'seen' => $seen,
                'raised_by' => $by,
                'raised_on' => $head->salon->today()->format('Y-m-d'),
            ])->save();
            $head->update([Clearance::FLAGS[$sign] => true]);
        });
        $this->outlookRefresh->after($head);
    }

    /**
     * A flag set at the intake has no entry yet: it gets one as it is cleared, so that the name and the day stand
     * somewhere.
     */
    public function clear(Head $head, string $sign, string $by, DateTimeInterface $on): void
    {
        DB::transaction(function () use ($head, $sign, $by, $on): void {
            /** @var list<Clearance> $open */
            $open = array_values(Clearance::query()
                ->where('head_id', $head->id)
                ->where('sign', $sign)
                ->whereNull('cleared_on')
                ->get()
                ->all());
            if ($open === []) {
                $open[] = (new Clearance())->forceFill([
                    'salon_id' => $head->salon_id,
                    'head_id' => $head->id,
                    'sign' => $sign,
                    'seen' => 'noted at the intake',
                    'raised_by' => '',
                    'raised_on' => $head->salon->today()->format('Y-m-d'),
                ]);
            }
            foreach ($open as $clearance) {
                $clearance->forceFill(['cleared_by' => $by, 'cleared_on' => $on->format('Y-m-d')])->save();
            }
            $head->update([Clearance::FLAGS[$sign] => false]);
        });
        $this->outlookRefresh->after($head);
    }
}
