<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use App\Bridge\WashDays\WashSessionPlanner;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Service;
use DateTimeInterface;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scheduling\WorkSegment;
use Nagomi\Core\Scheduling\WorkSegments;
use Nagomi\Core\WashDay\DryingMethod;

/** Quotes a service for one head, from the plan or from its own past. */
final readonly class ServiceQuotes
{
    private const PAST = 8;

    public function __construct(
        private WashSessionPlanner $washSessionPlanner,
        private Parameters $parameters,
    ) {
    }

    public function of(Head $head, Service $service, DateTimeInterface $date): ServiceQuote
    {
        return $service->is_wash_day ? $this->washDay($head, $service, $date) : $this->other($head, $service);
    }

    private function washDay(Head $head, Service $service, DateTimeInterface $date): ServiceQuote
    {
        $plan = $this->washSessionPlanner->planned($head, $date, DryingMethod::Diffuse);
        $finish = $plan->finishMinutes();

        return new ServiceQuote(
            WorkSegments::of($plan, $this->parameters),
            (int) ceil($plan->network->finishMinutes),
            (int) round($plan->careMinutes()),
            (int) ceil($finish['p90']),
            $service->price_cents,
            'from the steps planned, at this head’s own pace',
        );
    }

    private function other(Head $head, Service $service): ServiceQuote
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
        $mean = (array_sum($logs) + $usual * log(max(1, $service->minutes))) / (count($logs) + $usual);
        $minutes = exp($mean);

        return new ServiceQuote(
            [new WorkSegment($minutes)],
            (int) ceil($minutes),
            null,
            (int) ceil($minutes * exp(1.2816 * $this->parameters->washDay->spread['hands'])),
            $service->price_cents,
            $took === []
                ? 'the usual; there is no past with it yet'
                : 'from ' . count($took) . ' of this client, and the usual',
        );
    }
}
