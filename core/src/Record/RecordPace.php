<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use DateTimeImmutable;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Treatments\WashDay;
use Nagomi\Core\WashDay\DetanglingHistory;
use Nagomi\Core\WashDay\Pace;
use Nagomi\Core\WashDay\PlannedPaces;

/** How long detangling and drying take on the head of a care record, by what had happened up to a day. */
final readonly class RecordPace
{
    public function __construct(private CareRecord $record, private DateTimeImmutable $today)
    {
    }

    public function usual(): Pace
    {
        $since = $this->today->modify('-' . Pace::OVER_DAYS . ' days');

        return Pace::of(
            $this->record->head,
            array_values(array_filter(
                $this->record->washDaysUntil($this->today),
                fn (WashDay $day): bool => $day->date >= $since,
            )),
            array_values(array_filter(
                $this->record->readings,
                fn (Reading $reading): bool => $reading->date >= $since && $reading->date <= $this->today,
            )),
            $this->record->detangleASectionMinutes,
            $this->record->pace->between($since, $this->today),
        );
    }

    /**
     * @param list<PlanItem> $items
     *
     * @return list<array{item: PlanItem, pace: Pace}> each day at its own pace
     */
    public function planned(array $items): array
    {
        return PlannedPaces::of(
            $items,
            $this->record->head,
            $this->usual(),
            DetanglingHistory::last($this->record->washDaysUntil($this->today), $this->today),
            $this->record->terms->takeDownOn,
        );
    }
}
