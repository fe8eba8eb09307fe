<?php

declare(strict_types=1);

namespace App\Care\Plans;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Plans\OutlookRefresh;
use App\Bridge\Plans\StoredPlanTerms;
use App\Bridge\Plans\WhatIfQuestion;
use App\Care\Shared\Lock;
use App\Models\Head;
use Illuminate\Support\Facades\DB;
use InvalidArgumentException;

/** Makes what was only asked the way it is done from now on: another rhythm, other minutes, another habit. */
final readonly class UsedChanges
{
    public function __construct(
        private HeadRecord $headRecord,
        private OutlookRefresh $outlookRefresh,
        private StoredPlanTerms $storedPlanTerms,
        private WhatIfQuestion $whatIfQuestion,
    ) {
    }

    /**
     * @param string $change of those that are chosen, not measured
     *
     * @throws InvalidArgumentException with a sentence, where the change needs another number
     */
    public function use(Head $head, string $change, ?float $number): void
    {
        DB::transaction(function () use ($head, $change, $number): void {
            Lock::head($head->id)->take();
            /** @var Head $locked */
            $locked = Head::query()->whereKey($head->id)->sole();
            $columns = $this->whatIfQuestion->columns(
                $this->headRecord->core($locked->load('zoneParts')),
                $change,
                $number,
            );
            // A rhythm that was chosen stands against what the scalp asks for.
            $season = isset($columns['wash_every_days'])
                ? ['season' => $this->storedPlanTerms->with($locked, ['keeps_rhythm' => true])]
                : [];
            $locked->update($columns + $season);
            $this->outlookRefresh->after($locked);
        });
        $head->refresh();
    }
}
