<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use App\Bridge\Plans\Outlooks;
use App\Bridge\WashDays\PlannedMinutes;
use App\Bridge\WashDays\UsualDrying;
use App\Bridge\WashDays\WashSessionPlanner;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Service;
use App\Wording\Words;
use DateTimeInterface;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\WorkSegment;
use Nagomi\Core\Scheduling\WorkSegments;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\WashDayPlan;

/** Quotes a service for one head, from the plan or from its own past. */
final readonly class ServiceQuotes
{
    private const PAST = 8;

    public function __construct(
        private Outlooks $outlooks,
        private WashSessionPlanner $washSessionPlanner,
        private UsualDrying $usualDrying,
        private Parameters $parameters,
    ) {
    }

    /** @param DryingMethod|null $drying of a wash day, as somebody chose; null: as always */
    public function of(
        Head $head,
        Service $service,
        DateTimeInterface $date,
        ?DryingMethod $drying = null,
    ): ServiceQuote {
        if ($service->is_wash_day) {
            $drying ??= $this->usualDrying->of($head);

            return $this->washDay($head, $service, $this->washSessionPlanner->planned($head, $date, $drying), $drying);
        }
        $work = $service->does === null ? null : $this->work($head, $service->does);

        return $this->other($head, $service, $work);
    }

    /** @param StoredChairWork|null $work */
    private function because(?array $work, int $took): string
    {
        return Words::say(match (true) {
            $work === null && $took === 0 => 'chair-work.quote.usual',
            $work === null => 'chair-work.quote.own',
            default => "chair-work.quote.{$work['kind']}",
        }, ['count' => $took, 'mm' => (int) round($work['mm'] ?? 0)]);
    }

    /**
     * A wash day in the way it is to be dried, beside what it takes in each way: laid out once for both.
     *
     * @param DryingMethod|null $chosen null: as always
     *
     * @return array{ServiceQuote, non-empty-list<DryingQuote>} the usual way to dry first
     */
    public function dried(Head $head, Service $service, DateTimeInterface $date, ?DryingMethod $chosen): array
    {
        $usual = $this->usualDrying->of($head);
        $dryings = [$usual, ...array_values(array_filter(
            DryingMethod::cases(),
            static fn (DryingMethod $other): bool => $other !== $usual,
        ))];
        $plans = $this->washSessionPlanner->plannedDried($head, $date, $dryings);
        $chosen ??= $usual;
        $plan = array_combine(array_column($dryings, 'value'), $plans)[$chosen->value] ?? $plans[0];

        return [
            $this->washDay($head, $service, $plan, $chosen),
            array_map(fn (DryingMethod $drying, WashDayPlan $plan): DryingQuote => new DryingQuote(
                $drying,
                $plan->minutes()->whole(),
                $this->free(WorkSegments::of($plan, $this->parameters)),
            ), $dryings, $plans),
        ];
    }

    /**
     * @param non-empty-list<WorkSegment> $stretches
     *
     * @return int minutes in which hands are free and are needed again
     */
    private function free(array $stretches): int
    {
        return (int) round(array_sum(array_map(
            static fn (WorkSegment $stretch): float => $stretch->waitingMinutes,
            array_slice($stretches, 0, -1),
        )));
    }

    private function washDay(Head $head, Service $service, WashDayPlan $plan, DryingMethod $drying): ServiceQuote
    {
        $finish = $plan->finishMinutes();
        $parts = PlannedMinutes::kept($plan->minutes(), $drying);
        $isMeasured = $head->length_mm !== null;

        return new ServiceQuote(
            WorkSegments::of($plan, $this->parameters),
            $plan->minutes()->whole(),
            (int) round($plan->careMinutes()),
            $isMeasured || $plan->timed > 0 ? (int) ceil($finish['p90']) : null,
            PricedVisits::quoted($service, $head, $plan->minutes()->whole(), $parts),
            Words::say(match (true) {
                $plan->timed > 0 => 'booking.pace.own',
                $isMeasured => 'booking.pace.usual',
                default => 'booking.pace.unmeasured',
            }),
            $parts,
        );
    }

    /** @return StoredChairWork|null what is to come of a kind; null where nothing is */
    private function work(Head $head, string $kind): ?array
    {
        $head->loadMissing(['salon', 'outlook']);
        foreach ($this->outlooks->current($head)->chair_work ?? [] as $work) {
            if ($work['kind'] === $kind) {
                return $work;
            }
        }

        return null;
    }

    /** @param StoredChairWork|null $work what is to come of this client, where the service does that */
    private function other(Head $head, Service $service, ?array $work): ServiceQuote
    {
        $took = [];
        foreach (
            Booking::query()
                ->where('head_id', $head->id)
                ->where('service', $service->name)
                ->where('status', BookingStatus::Done)
                ->latest('date')
                ->limit(self::PAST)
                ->get() as $past
        ) {
            if ($past->begun_at !== null && $past->ended_at !== null && $past->ended_at > $past->begun_at) {
                $took[] = max(1.0, min(720.0, $past->begun_at->diffInMinutes($past->ended_at)));
            }
        }
        // Its own and the usual, weighed together on the logarithm, as the Basin does.
        $usual = $this->parameters->washDay->usualWeighs;
        $logs = array_map(log(...), $took);
        $expected = log(max(1.0, $work['minutes'] ?? $service->minutes));
        $mean = (array_sum($logs) + $usual * $expected) / (count($logs) + $usual);
        $minutes = exp($mean);

        return new ServiceQuote(
            [new WorkSegment($minutes)],
            (int) ceil($minutes),
            null,
            (int) ceil($minutes * exp(1.2816 * $this->parameters->washDay->spread['hands'])),
            PricedVisits::quoted($service, $head, (int) ceil($minutes)),
            $this->because($work, count($took)),
        );
    }
}
