<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Bridge\Clients\HeadRecord;
use App\Models\Head;
use InvalidArgumentException;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Head\Head as CoreHead;
use Nagomi\Core\Planning\PlanChange;
use Nagomi\Core\Planning\WhatIf;
use Nagomi\Core\Planning\Wish;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\WashDay;

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
        [$start, $lately] = $this->today($head);

        return WhatIf::of($start, $lately, $change, $number, Outlooks::WEEKS_AHEAD, $this->headRecord->terms($head));
    }

    /** The plan as it is, and with one wish more. */
    public function wishing(Head $head, Wish $wish): WhatIf
    {
        [$start, $lately] = $this->today($head);
        $terms = $this->headRecord->terms($head);

        return WhatIf::between($start, $lately, $terms, $terms->wishing($wish), Outlooks::WEEKS_AHEAD);
    }

    /**
     * What of a head's row a change is, made for good.
     *
     * @return array<string, mixed>
     *
     * @throws InvalidArgumentException with a sentence, where the change needs another number
     */
    public function columns(CoreHead $head, string $change, ?float $number): array
    {
        $asked = PlanChange::from($change);
        $changed = $asked->of($head, $number);

        return match ($asked) {
            PlanChange::WashEvery => ['wash_every_days' => $changed->washEveryDays],
            PlanChange::MinutesLimit => ['minutes_limit' => $changed->minutesLimit],
            PlanChange::Load => ['styling_load' => $changed->load->value],
            PlanChange::MaskHeat, PlanChange::Seal, PlanChange::PreWash, PlanChange::Night => [
                'method' => $changed->method->choices,
            ],
            default => [],
        };
    }

    /** @return array{Snapshot, list<WashDay>} the head today, and what was done to it lately */
    public function today(Head $head): array
    {
        $today = Calendar::dayOf($head->salon->today());
        $frame = $this->headRecord->frame($head);
        $from = $this->storedSnapshots->before($head, $frame, $today->modify('+1 day'));
        $start = KalmanFilter::through($this->headRecord->after($head, $frame, $from?->date), $today, $from)->last();

        return [$start, $this->headRecord->lately($head, $today)];
    }
}
