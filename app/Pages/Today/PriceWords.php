<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\PricedVisits;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\DepositState;
use App\Models\Salon;
use App\Wording\Money;
use App\Wording\Words;
use Nagomi\Core\Pricing\Bill;
use Nagomi\Core\Pricing\Discount;
use Nagomi\Core\Pricing\QuotedPrice;
use Nagomi\Core\Pricing\TaxRate;

/** What a visit costs and why, in words. */
final readonly class PriceWords
{
    public function of(Booking $booking, Salon $salon): PriceLines
    {
        $bill = PricedVisits::bill($booking, $salon);
        $quoted = PricedVisits::listed($booking);
        $because = $quoted === null ? '' : self::because($quoted, $salon->currency);
        $isAsListed = ! $booking->price_by_hand && $quoted?->cents === $booking->price_cents;

        return new PriceLines(
            $bill,
            self::lines($booking, $bill, $salon),
            match (true) {
                $booking->price_by_hand => Words::say('prices.by-hand'),
                $isAsListed => $because,
                default => Words::say('prices.by-the-list'),
            },
            $quoted === null || $isAsListed || $booking->price_by_hand || ! $booking->status->isOpen()
                ? ''
                : Words::say('prices.list-now', [
                    'price' => Money::shown($quoted->cents, $salon->currency), 'why' => $because,
                ]),
            PricedVisits::isDepositOpen($booking)
                ? Words::say('prices.deposit.decide', [
                    'deposit' => Money::shown($booking->deposit_cents ?? 0, $salon->currency),
                ])
                : '',
        );
    }

    /** Where a price comes from, such as "85.00 to 120 minutes, a quarter of an hour more, 6.00". */
    private static function because(QuotedPrice $price, string $currency): string
    {
        $of = $price->of;
        $more = [
            $price->quarters === 0 ? '' : trans_choice('prices.quarters', $price->quarters, [
                'each' => Money::shown($of->quarterCents ?? 0, $currency),
            ]),
            $price->steps === 0 ? '' : trans_choice('prices.steps', $price->steps, [
                'from' => Words::number(($of->longFromMm ?? 0) / 10),
                'each' => Money::shown($of->stepCents ?? 0, $currency),
            ]),
            $price->isLengthUnknown ? Words::say('prices.length-unknown') : '',
        ];
        $base = array_filter($more) === []
            ? Words::say('prices.just-base')
            : Words::say('prices.base', [
                'base' => Money::shown($of->baseCents, $currency), 'minutes' => $of->usualMinutes,
            ]);

        return implode(', ', array_filter([$base, ...$more]));
    }

    /** Where a price comes from, what is added to it, and what deposit is asked; '' where there is no price yet. */
    public function asked(?QuotedPrice $price, ?int $depositCents, Salon $salon): string
    {
        if ($price === null) {
            return '';
        }
        $tax = $salon->tax_hundredths === null ? null : new TaxRate($salon->tax_hundredths, $salon->tax_added);
        $bill = new Bill(
            $price->cents,
            Discount::none(),
            $tax,
            smallest: Money::smallestCents($salon->currency),
        );

        return implode('; ', array_filter([
            self::because($price, $salon->currency),
            $tax?->isAdded !== true ? '' : Words::say('prices.tax-is-added', [
                'rate' => Words::number($tax->hundredths / 100),
                'due' => Money::shown($bill->dueCents, $salon->currency),
            ]),
            $depositCents === null ? '' : Words::say('prices.deposit.with-booking', [
                'deposit' => Money::shown($depositCents, $salon->currency),
            ]),
        ]));
    }

    /** @return array<string, int> cents by what they are; a single line where there is nothing but a price */
    private static function lines(Booking $booking, Bill $bill, Salon $salon): array
    {
        $isMissed = in_array($booking->status, [BookingStatus::Cancelled, BookingStatus::NoShow], true);
        $rate = $booking->status === BookingStatus::Done ? $booking->tax_hundredths : $salon->tax_hundredths;
        $isAdded = $bill->dueCents !== $bill->priceCents - $bill->discountCents;
        $named = $bill->discountCents > 0 || $isAdded;
        $lines = [
            'price' => $bill->priceCents,
            'discount' => $bill->discountCents > 0 ? -$bill->discountCents : null,
            'tax-on' => $isAdded ? $bill->taxCents : null,
            'due' => $named ? $bill->dueCents : null,
            'tax-in' => $rate !== null && ! $isAdded ? $bill->taxCents : null,
            ...self::deposit($booking, $bill, $isMissed),
        ];
        $shown = [];
        foreach (array_filter($lines, is_int(...)) as $key => $cents) {
            $shown[Words::say("prices.lines.{$key}", ['rate' => Words::number(($rate ?? 0) / 100)])] = $cents;
        }

        return $shown;
    }

    /** @return array<string, int|null> what was asked and paid before */
    private static function deposit(Booking $booking, Bill $bill, bool $isMissed): array
    {
        return match ($booking->deposit) {
            null => [],
            DepositState::Asked => ['asked' => $booking->deposit_cents],
            DepositState::Returned => ['returned' => $booking->deposit_cents],
            DepositState::Kept => ['kept' => $bill->paidCents],
            DepositState::Paid => $isMissed ? ['paid' => $bill->paidCents] : [
                'paid' => -$bill->paidCents, 'left' => $bill->leftCents,
                'back' => $bill->backCents > 0 ? $bill->backCents : null,
            ],
        };
    }
}
