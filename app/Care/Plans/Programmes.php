<?php

declare(strict_types=1);

namespace App\Care\Plans;

use App\Bridge\Plans\OutlookRefresh;
use App\Models\Head;
use App\Models\Programme;
use Illuminate\Support\Facades\DB;

/** Begins what is kept to for some weeks, and breaks it off; the plan follows at once. */
final readonly class Programmes
{
    public function __construct(private OutlookRefresh $outlookRefresh)
    {
    }

    /** @param array<string, mixed> $columns */
    public function begin(Head $head, array $columns, string $by): void
    {
        DB::transaction(function () use ($head, $columns, $by): void {
            $programme = new Programme(['head_id' => $head->id, 'by' => $by] + $columns);
            $programme->salon_id = $head->salon_id;
            $programme->save();
            $this->outlookRefresh->after($head, $head->salon->today());
        });
    }

    /** What it said stands. */
    public function breakOff(Head $head, Programme $programme): void
    {
        DB::transaction(function () use ($head, $programme): void {
            $programme->update(['broken_off_on' => $head->salon->today()->format('Y-m-d')]);
            $this->outlookRefresh->after($head, $head->salon->today());
        });
    }
}
