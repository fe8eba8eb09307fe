<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Clients\StoredPace;
use App\Bridge\Clients\TakeDownDay;
use App\Models\Head;
use App\Models\PlanItem;
use DateTimeImmutable;
use Nagomi\Core\Head\Head as CoreHead;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\WashDay\DetanglingHistory;
use Nagomi\Core\WashDay\Pace;

/** The pace of a head on one day to come, as the plan has it: by the gap before it, and what comes down on it. */
final readonly class PaceOnDay
{
    public function __construct(private HeadRecord $headRecord, private TakeDownDay $takeDownDay)
    {
    }

    /** @param DateTimeImmutable $on today or later */
    public function of(Head $head, CoreHead $core, DateTimeImmutable $on): Pace
    {
        $today = Calendar::dayOf($head->salon->today());
        $last = StoredPace::lastDetangled($head, $today);
        foreach ($head->planItems()->where('status', 'planned')->get() as $item) {
            $date = Calendar::dayOf($item->date);
            if ($date < $on && self::detangles($item)) {
                $last = max($last, $date);
            }
        }

        return $this->headRecord->pace($head, $core, $today)->on(
            DetanglingHistory::gapTimes($core, $last, $on),
            $this->takeDownDay->of($head)?->format('Y-m-d') === $on->format('Y-m-d'),
        );
    }

    private static function detangles(PlanItem $item): bool
    {
        return in_array(StepKind::Detangle->value, array_column($item->steps, 'kind'), true);
    }
}
