<?php

declare(strict_types=1);

namespace App\Care\Scheduling;

use App\Bridge\Scheduling\ServiceQuotes;
use App\Models\Booking;
use App\Models\Head;
use App\Models\Salon;
use App\Models\Service;
use App\Models\Wait;
use Carbon\CarbonImmutable;
use Nagomi\Core\WashDay\DryingMethod;

/** Who waits for a time that is not free yet; until one is, and it is booked, or the days are over. */
final readonly class WaitingList
{
    public function __construct(
        private BookingTurn $bookingTurn,
        private ServiceQuotes $serviceQuotes,
    ) {
    }

    /** For one service somebody waits once: what was said last counts. */
    public function put(
        Salon $salon,
        Head $head,
        Service $service,
        ?int $user,
        string $part,
        CarbonImmutable $from,
        CarbonImmutable $until,
        ?DryingMethod $drying = null,
    ): void {
        $quote = $this->serviceQuotes->of($head, $service, $from, $drying);
        $wished = [
            'user_id' => $user, 'part' => $part, 'from' => $from->format('Y-m-d'), 'until' => $until->format('Y-m-d'),
            'stretches' => $quote->kept(), 'drying' => $service->is_wash_day ? $drying?->value : null,
        ];
        $this->bookingTurn->alone($salon, function () use ($salon, $head, $service, $wished): void {
            $wait = Wait::query()->where('head_id', $head->id)->where('service_id', $service->id)->first()
                ?? (new Wait())->forceFill([
                    'salon_id' => $salon->id, 'head_id' => $head->id, 'service_id' => $service->id,
                ]);
            $wait->fill($wished)->save();
        });
    }

    /** Whoever has a time on one of the days waits no longer. */
    public function served(Booking $booking, Service $service): void
    {
        Wait::query()
            ->where('head_id', $booking->head_id)
            ->where('service_id', $service->id)
            ->where('from', '<=', $booking->date->format('Y-m-d'))
            ->where('until', '>=', $booking->date->format('Y-m-d'))
            ->delete();
    }
}
