<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Clients\StoredScalp;
use App\Bridge\Plans\WhatIfQuestion;
use App\Models\Head;
use Nagomi\Core\Practice\LivedHair;
use Nagomi\Core\Treatments\Calendar;

/** What of a client's hair is kept to practise on. */
final readonly class HairToPractise
{
    public function __construct(
        private HeadRecord $headRecord,
        private StoredScalp $storedScalp,
        private WhatIfQuestion $whatIfQuestion,
    ) {
    }

    /** @return StoredLivedHair */
    public function of(Head $head): array
    {
        [$start, $lately] = $this->whatIfQuestion->today($head);
        $today = Calendar::dayOf($head->salon->today());
        $shares = array_column($head->outlook->done_at_home ?? [], 'share');

        return LivedHair::of(
            $start->state->layout->head,
            $start->state,
            $this->storedScalp->of($head, $this->headRecord, $today)?->state,
            $lately,
            $today,
            $shares === [] ? null : (float) array_sum($shares) / count($shares),
            $head->ring_mm,
            $head->minutes_limit,
        );
    }
}
