<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Booking;
use App\Models\User;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** Which bookings go to which hands and when, as they were offered. */
final class HandoverRequest extends FormRequest
{
    use Sentences;

    private const MOST = 60;
    private const PAST_MINUTES = 15;

    /** Key and sequence of the booking, time and stylist. */
    private const SLOT = '/^[0-9a-z]{26} \d{1,6} \d{1,2}:\d{2} \d{1,9}$/';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'slots' => ['required', 'array', 'min:1', 'max:' . self::MOST],
            'slots.*' => ['string', 'distinct', 'regex:' . self::SLOT],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $choose = Words::say('booking.handover.choose');

        return $this->forEveryRule(['slots' => $choose, 'slots.*' => $choose])
            + ['slots.*.regex' => $choose, 'slots.*.distinct' => $choose];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && count($this->moves()) !== count((array) $this->input('slots'))) {
                $validator->errors()->add('slots', Words::say('booking.handover.choose'));
            }
        });
    }

    /** A page that lay open for long offers what has gone by. */
    private static function isAhead(Booking $booking, int $minute): bool
    {
        $starts = SalonClock::moment($booking->salon, $booking->date->format('Y-m-d'), $minute);

        return $starts?->greaterThanOrEqualTo(CarbonImmutable::now()->subMinutes(self::PAST_MINUTES)) === true;
    }

    /** @return list<array{booking: Booking, seen: int, minute: int, user: User}> of this salon; what cannot be is left out */
    public function moves(): array
    {
        /** @var User $user */
        $user = $this->user();
        $slots = array_map(
            static fn (mixed $slot): array => explode(' ', is_string($slot) ? $slot : '') + ['', '', '', ''],
            array_values((array) $this->input('slots')),
        );
        $bookings = Booking::query()
            ->with(['head', 'salon'])
            ->where('salon_id', $user->salon_id)
            ->find(array_column($slots, 0))
            ->keyBy('id');
        $stylists = User::query()->where('salon_id', $user->salon_id)->get()->keyBy('id');
        $moves = [];
        foreach ($slots as [$key, $seen, $time, $hands]) {
            [$booking, $stylist] = [$bookings->get($key), $stylists->get((int) $hands)];
            $minute = SalonClock::typedOn($user->salon, $time);
            if ($booking !== null && $stylist !== null && $minute !== null && self::isAhead($booking, $minute)) {
                $moves[$key] = ['booking' => $booking, 'seen' => (int) $seen, 'minute' => $minute, 'user' => $stylist];
            }
        }

        return array_values($moves);
    }
}
