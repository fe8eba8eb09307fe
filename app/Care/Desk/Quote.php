<?php

declare(strict_types=1);

namespace App\Care\Desk;

use App\Care\BasinPlanner;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Offer;
use DateTimeInterface;
use Nagomi\Core\HandsLine\Stretch;
use Nagomi\Core\HandsLine\Stretches;
use Nagomi\Core\Parameter\BasinModel;
use Nagomi\Core\WashDay\Drying;

/** How long a service takes on one head, and what it costs: a wash day from the Basin, everything else from her own past. */
final readonly class Quote
{
    private const PAST = 8;

    /**
     * @param non-empty-list<Stretch> $stretches
     * @param int|null                $careMinutes of a wash day: to the end of styling, as its plan says; drying is the rest
     */
    private function __construct(public array $stretches, public int $minutes, public ?int $careMinutes, public int $atMost, public int $priceCents, public string $because)
    {
    }

    public static function of(Head $head, Offer $service, DateTimeInterface $date): self
    {
        return $service->is_wash_day ? self::washDay($head, $service, $date) : self::other($head, $service);
    }

    private static function washDay(Head $head, Offer $service, DateTimeInterface $date): self
    {
        $plan = BasinPlanner::planned($head, $date, Drying::Diffuse);
        $finish = $plan->finishMinutes();

        return new self(
            Stretches::of($plan),
            (int) ceil($plan->network->finishMinutes),
            (int) round($plan->careMinutes()),
            (int) ceil($finish['p90']),
            $service->price_cents,
            'from the steps planned for her, at her own pace',
        );
    }

    private static function other(Head $head, Offer $service): self
    {
        $took = [];
        foreach (Booking::query()->where('head_id', $head->id)->where('service', $service->name)->where('status', BookingStatus::Done)->latest('date')->limit(self::PAST)->get() as $past) {
            if ($past->begun_at !== null && $past->ended_at !== null && $past->ended_at > $past->begun_at) {
                $took[] = max(1.0, min(720.0, $past->begun_at->diffInMinutes($past->ended_at)));
            }
        }
        // Her own and the usual, weighed together on the logarithm, as the Basin does.
        $usual = BasinModel::USUAL_WEIGHS;
        $logs = array_map(log(...), $took);
        $mean = (array_sum($logs) + $usual * log(max(1, $service->minutes))) / (count($logs) + $usual);
        $minutes = exp($mean);

        return new self(
            [new Stretch($minutes)],
            (int) ceil($minutes),
            null,
            (int) ceil($minutes * exp(1.2816 * BasinModel::SPREAD['hands'])),
            $service->price_cents,
            $took === [] ? 'the usual; she has no past with it yet' : 'from ' . count($took) . ' of her own, and the usual',
        );
    }

    /** @return list<array{hands: float, waiting: float, spread: float, waiting_spread: float}> as a booking keeps them */
    public function kept(): array
    {
        return array_map(fn (Stretch $stretch): array => ['hands' => round($stretch->handsMinutes, 1), 'waiting' => round($stretch->waitingMinutes, 1), 'spread' => round($stretch->spread, 3), 'waiting_spread' => round($stretch->waitingSpread, 3)], $this->stretches);
    }
}
