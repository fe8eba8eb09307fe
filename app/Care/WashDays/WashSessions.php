<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\WashDays\WashSessionPlanner;
use App\Care\Scheduling\BookingProgress;
use App\Models\Head;
use App\Models\WashSession;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\StylingMethod;

/** Begins wash days, each head one at a time, and breaks them off. */
final readonly class WashSessions
{
    public function __construct(
        private BookingProgress $bookingProgress,
        private WashSessionPlanner $washSessionPlanner,
    ) {
    }

    public function begin(
        Head $head,
        ?float $limitMinutes,
        ?DryingMethod $drying,
        ?StylingMethod $styling,
        string $by,
    ): WashSession {
        $washSession = new WashSession([
            'head_id' => $head->id,
            'date' => $head->salon->today()->format('Y-m-d'),
            'plan' => $this->washSessionPlanner->of($head, $limitMinutes, $drying, $styling),
            'by' => $by,
        ]);
        $washSession->salon_id = $head->salon_id;
        $washSession->save();
        $this->bookingProgress->begun($head, $by);

        return $washSession;
    }

    /** A wash day that has ended stays in the book. */
    public function breakOff(Head $head, WashSession $washSession, string $by): void
    {
        if ($washSession->finished_at === null) {
            $washSession->delete();
            $this->bookingProgress->brokenOff($head, $by);
        }
    }
}
