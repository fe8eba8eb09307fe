<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Plans\StoredSnapshots;
use App\Models\Head;
use DateTimeImmutable;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\State;

/** A head as it stands on a day, from the nearest state kept. */
final readonly class HeadOnDay
{
    public function __construct(
        private HeadRecord $headRecord,
        private StoredSnapshots $storedSnapshots,
    ) {
    }

    public function of(Head $head, HeadHistory $frame, DateTimeImmutable $day): State
    {
        $from = $this->storedSnapshots->before($head, $frame, $day->modify('+1 day'));

        return KalmanFilter::through($this->headRecord->after($head, $frame, $from?->date), $day, $from)->last()->state;
    }
}
