<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Bridge\Clients\HeadRecord;
use App\Models\Head;
use InvalidArgumentException;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Planning\PlanChange;
use Nagomi\Core\Planning\WhatIf;
use Nagomi\Core\Treatments\Calendar;

/** Two futures of a stored head, worked out beside the book. Nothing is stored: it is a question, not a plan. */
final readonly class WhatIfQuestion
{
    public function __construct(
        private HeadRecord $headRecord,
        private StoredSnapshots $storedSnapshots,
    ) {
    }

    /** @throws InvalidArgumentException with a sentence, where the change needs another number */
    public function of(Head $head, PlanChange $change, ?float $number): WhatIf
    {
        $today = Calendar::dayOf($head->salon->today());
        $frame = $this->headRecord->frame($head);
        $from = $this->storedSnapshots->before($head, $frame, $today->modify('+1 day'));
        $start = KalmanFilter::through($this->headRecord->after($head, $frame, $from?->date), $today, $from)->last();

        return WhatIf::of(
            $start,
            $this->headRecord->lately($head, $today),
            $change,
            $number,
            Outlooks::WEEKS_AHEAD,
            $this->headRecord->terms($head),
        );
    }
}
