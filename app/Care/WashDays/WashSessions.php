<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\WashDays\RepeatedDay;
use App\Bridge\WashDays\WashSessionPlanner;
use App\Care\Scheduling\BookingProgress;
use App\Care\Shared\Lock;
use App\Models\Head;
use App\Models\WashSession;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\StylingMethod;

/** Lays wash days out, begins them, each head one at a time, and breaks them off. */
final readonly class WashSessions
{
    public function __construct(
        private BookingProgress $bookingProgress,
        private DraftRenewal $draftRenewal,
        private WashSessionPlanner $washSessionPlanner,
    ) {
    }

    /** Begins a wash day as it is planned; one that was laid out by hand and never begun is put aside. */
    public function begin(
        Head $head,
        ?float $limitMinutes,
        ?DryingMethod $drying,
        ?StylingMethod $styling,
        string $by,
    ): WashSession {
        return DB::transaction(function () use ($head, $limitMinutes, $drying, $styling, $by): WashSession {
            $this->lock($head);
            $running = WashSession::running($head);
            if ($running !== null) {
                return $running;
            }
            WashSession::draft($head)?->delete();
            $plan = $this->washSessionPlanner->laidOut($head, $limitMinutes, $drying, $styling);
            $washSession = $this->make($head, $plan, $by);
            $washSession->update(['began_at' => now()]);
            $this->bookingProgress->begun($head, $by);

            return $washSession;
        });
    }

    /**
     * Lays a wash day out to be changed by hand before it begins: one a client, so two who lay it out share it.
     *
     * @param WashSession|null $like one it is to be like: what was laid out before makes way for it
     */
    public function layOut(
        Head $head,
        ?float $limitMinutes,
        ?DryingMethod $drying,
        ?StylingMethod $styling,
        string $by,
        ?WashSession $like = null,
    ): WashSession {
        return DB::transaction(function () use ($head, $limitMinutes, $drying, $styling, $by, $like): WashSession {
            $this->lock($head);
            $draft = WashSession::draft($head);
            if ($draft !== null && $like === null) {
                return $draft;
            }
            $draft?->delete();
            $plan = $this->washSessionPlanner->laidOut($head, $limitMinutes, $drying, $styling);

            return $this->make($head, $like === null ? $plan : RepeatedDay::like($plan, $like), $by);
        });
    }

    /** Begins the wash day that was laid out; the one that runs already where there is one. */
    public function start(Head $head, WashSession $draft, string $by): WashSession
    {
        return DB::transaction(function () use ($head, $draft, $by): WashSession {
            $this->lock($head);
            $draft->refresh();
            $running = WashSession::running($head);
            if ($running !== null) {
                return $running;
            }
            if ($draft->began_at === null) {
                $this->draftRenewal->of($head, $draft);
                $draft->update(['began_at' => now(), 'date' => $head->salon->today()->format('Y-m-d')]);
                $this->bookingProgress->begun($head, $by);
            }

            return $draft;
        });
    }

    /** Two who begin at once: one after the other. */
    private function lock(Head $head): void
    {
        Lock::head($head->id)->take();
    }

    /** @param array<string, mixed> $plan */
    private function make(Head $head, array $plan, string $by): WashSession
    {
        $washSession = new WashSession([
            'head_id' => $head->id,
            'date' => $head->salon->today()->format('Y-m-d'),
            'plan' => $plan,
            'by' => $by,
        ]);
        $washSession->salon_id = $head->salon_id;
        $washSession->save();

        return $washSession;
    }

    /** A wash day that has ended stays in the book. */
    public function breakOff(Head $head, WashSession $washSession, string $by): void
    {
        if ($washSession->finished_at === null) {
            $washSession->delete();
            if ($washSession->began_at !== null) {
                $this->bookingProgress->brokenOff($head, $washSession->date, $by);
            }
        }
    }
}
