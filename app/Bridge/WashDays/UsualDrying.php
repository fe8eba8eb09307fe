<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\WashSession;
use DateTimeInterface;
use Illuminate\Support\Collection;
use Nagomi\Core\WashDay\DryingMethod;

/**
 * How a client's hair is dried where nobody chose: as on the last wash day that was run here, else with the diffuser,
 * as a chair is not kept for hours. What was chosen with a booking counts on its day. Plan, booking and wash day reckon
 * with the same.
 */
final readonly class UsualDrying
{
    public function on(Head $head, DateTimeInterface $date): DryingMethod
    {
        return $this->chosen($head)[$date->format('Y-m-d')] ?? $this->of($head);
    }

    /** @return array<string, DryingMethod> with bookings that stand, by day as 2027-01-09 */
    public function chosen(Head $head): array
    {
        /** @var Collection<int, Booking> $bookings */
        $bookings = Booking::query()
            ->withoutGlobalScope('salon')
            ->where('head_id', $head->id)
            ->where('is_wash_day', true)
            ->whereNotNull('drying')
            ->whereIn('status', BookingStatus::open())
            ->get(['id', 'salon_id', 'date', 'drying']);
        $chosen = [];
        foreach ($bookings as $booking) {
            $chosen[$booking->date->format('Y-m-d')] = DryingMethod::tryFrom($booking->drying ?? '');
        }

        return array_filter($chosen);
    }

    public function of(Head $head): DryingMethod
    {
        /** @var WashSession|null $last */
        $last = $head->washSessions()
            ->whereNotNull('finished_at')
            ->whereNotNull('plan->drying')
            ->latest('id')
            ->first(['id', 'salon_id', 'head_id', 'plan']);
        $drying = $last->plan['drying'] ?? null;

        return DryingMethod::tryFrom(is_string($drying) ? $drying : '') ?? DryingMethod::Diffuse;
    }
}
