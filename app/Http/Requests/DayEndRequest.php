<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** How a booking ended whose time has gone by, and when it was, as far as somebody remembers. */
final class DayEndRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'what' => ['required', 'string', Rule::in(['through', 'no-show'])],
            'began' => ['nullable', 'required_with:ended', 'string'], 'ended' => ['nullable', 'string'],
            'sequence' => ['required', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'what' => Words::say('booking.caller.damaged'), 'began' => Words::say('booking.times.began-wrong'),
            'ended' => Words::say('booking.times.ended-wrong'), 'sequence' => Words::say('booking.caller.damaged'),
        ]);
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $booking = $this->route('booking');
            if (! $booking instanceof Booking || $validator->errors()->isNotEmpty()) {
                return;
            }
            [$field, $wrong] = $this->wrong($booking);
            if ($wrong !== '') {
                $validator->errors()->add($field, Words::say($wrong));
            }
        });
    }

    /** @return array{string, string} the field and its sentence; '' nothing is wrong */
    private function wrong(Booking $booking): array
    {
        [$began, $ended] = [$this->moment($booking, 'began'), $this->moment($booking, 'ended')];
        $isPast = static fn (?CarbonImmutable $moment): bool => $moment !== null && ! $moment->isFuture();

        return match (true) {
            ! $booking->status->isOpen() => ['what', 'booking.day-end.said-already'],
            $booking->starts_at->isFuture() => ['what', 'booking.day-end.to-come'],
            $this->string('what')->value() === 'no-show' => ['what', ''],
            $this->filled('began') && ! $isPast($began) => ['began', 'booking.times.began-wrong'],
            $this->filled('ended') && (! $isPast($ended) || $began === null || $ended <= $began)
                => ['ended', 'booking.times.ended-wrong'],
            default => ['what', ''],
        };
    }

    /** @return array<string, mixed> what changes with it */
    public function columns(Booking $booking): array
    {
        if ($this->string('what')->value() === 'no-show') {
            return ['status' => BookingStatus::NoShow, 'begun_at' => null, 'ended_at' => null];
        }

        return [
            'status' => BookingStatus::Done,
            'begun_at' => $this->moment($booking, 'began'),
            'ended_at' => $this->moment($booking, 'ended'),
        ];
    }

    /** Null where nothing was typed, or no time of that day. */
    private function moment(Booking $booking, string $field): ?CarbonImmutable
    {
        $minute = SalonClock::typedOn($booking->salon, $this->string($field)->value());

        return $minute === null
            ? null
            : SalonClock::moment($booking->salon, $booking->date->format('Y-m-d'), $minute);
    }
}
