<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** When a visit that is over began and ended, as whoever was there remembers. */
final class VisitTimesRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'began' => ['required', 'string'], 'ended' => ['required', 'string'],
            'sequence' => ['required', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'began' => Words::say('booking.times.began-wrong'), 'ended' => Words::say('booking.times.ended-wrong'),
            'sequence' => Words::say('booking.caller.damaged'),
        ]);
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $booking = $this->route('booking');
            if (! $booking instanceof Booking || $validator->errors()->isNotEmpty()) {
                return;
            }
            if ($booking->status !== BookingStatus::Done) {
                $validator->errors()->add('began', Words::say('booking.times.not-over'));
            } elseif ($this->began($booking) === null) {
                $validator->errors()->add('began', Words::say('booking.times.began-wrong'));
            } elseif (! $this->isAfter($booking)) {
                $validator->errors()->add('ended', Words::say('booking.times.ended-wrong'));
            }
        });
    }

    private function isAfter(Booking $booking): bool
    {
        $ended = $this->ended($booking);

        return $ended !== null
            && $ended->greaterThan($this->began($booking) ?? $ended)
            && $ended->lessThanOrEqualTo(CarbonImmutable::now());
    }

    public function began(Booking $booking): ?CarbonImmutable
    {
        return $this->moment($booking, 'began');
    }

    public function ended(Booking $booking): ?CarbonImmutable
    {
        return $this->moment($booking, 'ended');
    }

    /** Null where it is no time, or none of that day: the hour that summer time leaves out. */
    private function moment(Booking $booking, string $field): ?CarbonImmutable
    {
        $minute = SalonClock::typedOn($booking->salon, $this->string($field)->value());

        return $minute === null
            ? null
            : SalonClock::moment($booking->salon, $booking->date->format('Y-m-d'), $minute);
    }
}
