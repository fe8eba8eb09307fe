<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\DepositState;
use App\Models\Head;
use App\Models\Salon;
use App\Models\Service;
use App\Wording\Money;
use Nagomi\Core\Pricing\Bill;
use Nagomi\Core\Pricing\Discount;
use Nagomi\Core\Pricing\QuotedPrice;
use Nagomi\Core\Pricing\ServicePrice;
use Nagomi\Core\Pricing\TaxRate;
use Nagomi\Core\WashDay\DryingMethod;

/** What a service costs one client, and what a visit comes to. */
final readonly class PricedVisits
{
    /**
     * What the salon's list says today.
     *
     * @param array<string, mixed>|null $parts of a wash day: what dries without hands is not paid by the minute
     */
    public static function quoted(Service $service, Head $head, int $minutes, ?array $parts = null): QuotedPrice
    {
        $drying = $parts['drying'] ?? 0;
        $isHeld = DryingMethod::tryFrom(is_string($parts['by'] ?? null) ? $parts['by'] : '') === DryingMethod::Diffuse;
        $free = $isHeld || ! is_numeric($drying) ? 0 : (int) round((float) $drying);

        return (new ServicePrice(
            $service->price_cents,
            $service->minutes,
            $service->quarter_cents,
            $service->long_from_mm,
            $service->step_cents,
        ))->of($minutes - $free, $head->length_mm);
    }

    /** What the salon's list says today for what was booked; null: the service is on no list any more. */
    public static function listed(Booking $booking): ?QuotedPrice
    {
        $service = Service::query()
            ->where('salon_id', $booking->salon_id)
            ->where('name', $booking->service)
            ->first();

        return $service === null
            ? null
            : self::quoted($service, $booking->head, $booking->minutes, $booking->parts);
    }

    /** A visit that is done keeps the tax of its day; until then it is the salon's of today. */
    public static function bill(Booking $booking, Salon $salon): Bill
    {
        $isPaid = in_array($booking->deposit, [DepositState::Paid, DepositState::Kept], true);

        return new Bill(
            $booking->price_cents,
            self::discount($booking),
            $booking->status === BookingStatus::Done
                ? self::rate($booking->tax_hundredths, $booking->tax_added)
                : self::rate($salon->tax_hundredths, $salon->tax_added),
            $isPaid ? $booking->deposit_cents ?? 0 : 0,
            Money::smallestCents($salon->currency),
        );
    }

    /** A deposit that was paid for a visit that did not come about is kept or given back: somebody has to say. */
    public static function isDepositOpen(Booking $booking): bool
    {
        return $booking->deposit === DepositState::Paid
            && in_array($booking->status, [BookingStatus::Cancelled, BookingStatus::NoShow], true);
    }

    private static function discount(Booking $booking): Discount
    {
        return match (true) {
            $booking->discount_hundredths !== null => Discount::share($booking->discount_hundredths),
            $booking->discount_cents !== null => Discount::sum($booking->discount_cents),
            default => Discount::none(),
        };
    }

    private static function rate(?int $hundredths, bool $isAdded): ?TaxRate
    {
        return $hundredths === null ? null : new TaxRate($hundredths, $isAdded);
    }

    /** @return array{tax_hundredths: int|null, tax_added: bool} as a visit keeps it once it is done */
    public static function taxOf(Salon $salon): array
    {
        return ['tax_hundredths' => $salon->tax_hundredths, 'tax_added' => $salon->tax_added];
    }
}
