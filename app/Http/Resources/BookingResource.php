<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Booking;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A time promised to a client. Moments carry the salon's own offset, sums are whole cents.
 *
 * @property Booking $resource
 */
final class BookingResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $booking = $this->resource;
        $moment = static fn (?CarbonImmutable $at): ?string => $at
            ?->setTimezone($booking->salon->timezone)->toIso8601String();

        return [
            'id' => $booking->id,
            'client' => $booking->head_id,
            'stylist' => $booking->user_id,
            'service' => $booking->service,
            'starts_at' => $moment($booking->starts_at),
            'ends_at' => $moment($booking->starts_at->addMinutes($booking->minutes)),
            'minutes' => $booking->minutes,
            'drying' => $booking->drying,
            'status' => $booking->status->value,
            'because' => $booking->because,
            'expected_at' => $moment($booking->expected_at),
            'arrived_at' => $moment($booking->arrived_at),
            'begun_at' => $moment($booking->begun_at),
            'ended_at' => $moment($booking->ended_at),
            'price_cents' => $booking->price_cents,
            'discount_hundredths_of_percent' => $booking->discount_hundredths,
            'discount_cents' => $booking->discount_cents,
            'deposit_cents' => $booking->deposit_cents,
            'deposit' => $booking->deposit?->value,
            'currency' => $booking->salon->currency,
        ];
    }
}
