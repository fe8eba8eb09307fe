<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\Clients\RecordImporter;
use App\Bridge\Plans\OutlookRefresh;
use App\Bridge\Products\ProductNotices;
use App\Bridge\Products\StepBottles;
use App\Models\Head;
use App\Models\PaceDay;
use App\Models\WashDay;
use App\Models\WashSession;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Treatments\WashDay as CoreWashDay;

/** Puts wash days into the book that were done elsewhere, or before. */
final readonly class PastWashDays
{
    public function __construct(
        private OutlookRefresh $outlookRefresh,
        private ProductNotices $productNotices,
        private RecordImporter $recordImporter,
        private StepBottles $stepBottles,
    ) {
    }

    /** @return WashDay|null the same wash day, where it is in the book already */
    public function known(Head $head, CoreWashDay $washDay): ?WashDay
    {
        return $this->recordImporter->sameWashDay($head, $washDay);
    }

    /** @return list<string> what its products say that its steps do not, a sentence each */
    public function take(Head $head, CoreWashDay $washDay): array
    {
        $washDay = $washDay->done($this->stepBottles->known($head, $washDay->steps));
        DB::transaction(fn () => $this->recordImporter->washDays($head, [$washDay]));
        $this->outlookRefresh->after($head, $washDay->date);

        return $this->productNotices->of($head, $washDay);
    }

    public function undo(Head $head, WashDay $washDay): void
    {
        DB::transaction(function () use ($head, $washDay): void {
            // How long it dried was timed on a day that is no more.
            $run = WashSession::query()->where('head_id', $head->id)->where('wash_day', $washDay->key);
            PaceDay::query()->whereIn('wash_session_id', $run->select('id'))->delete();
            $washDay->delete();
        });
        $this->outlookRefresh->after($head, $washDay->date);
    }
}
