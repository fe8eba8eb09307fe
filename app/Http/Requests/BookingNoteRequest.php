<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\User;
use App\Wording\ClientName;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Nagomi\Core\Head\Head as CoreHead;
use Nagomi\Core\Planning\WeekTime;

/** How a booking goes: here, late, under way, through, or did not come. */
final class BookingNoteRequest extends FormRequest
{
    /** An overrun is told in steps of so many minutes. */
    private const OVER_MINUTES = 10;
    private const MOST_OVER_MINUTES = 240;

    /** What is said to be over after more than so many times the booked minutes was forgotten before. */
    private const TIMES_AS_LONG = 2;

    private const NOTES = [
        'here', 'later', 'begin', 'over', 'through', 'no-show', 'cancel', 'again', 'keep', 'as-planned', 'stay',
        'take-over',
    ];


    /** What can be said of a booking on its own day only, and what once its day has come. */
    private const ON_THE_DAY = ['here', 'begin', 'over', 'take-over'];
    private const ONCE_IT_CAME = ['through', 'no-show'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();

        return [
            'what' => ['required', Rule::in(self::NOTES)],
            'sequence' => ['required', 'integer'],
            'expected' => ['required_if:what,later', 'nullable', 'string'],
            'following' => ['nullable', 'boolean'],
            'because' => ['required_if:what,cancel', 'nullable', 'string', 'max:400'],
            'stylist' => [
                'required_if:what,take-over',
                'nullable',
                'integer',
                Rule::exists('users', 'id')->where('salon_id', $user->salon_id),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'expected.*' => Words::say('refusals.booking-note.expected'),
            'because.*' => Words::say('refusals.booking-note.because'),
            'stylist.*' => Words::say('booking.stylist'),
            'what.*' => Words::say('refusals.shared.what'),
            'sequence.*' => Words::say('refusals.shared.what'),
            'following.*' => Words::say('refusals.shared.what'),
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $booking = $this->route('booking');
            if (
                $booking instanceof Booking
                    && $booking->status->isOpen() === ($this->string('what')->value() === 'again')
            ) {
                $validator->errors()->add(
                    'what',
                    $booking->status->isOpen()
                        ? Words::say('refusals.booking-note.what-2')
                        : Words::say('refusals.booking-note.what-3'),
                );
            }
            if ($booking instanceof Booking && $validator->errors()->isEmpty()) {
                $this->sayWrongDay($validator, $booking);
            }
            if (
                $this->string('what')->value() === 'later'
                    && $validator->errors()->isEmpty()
                    && SalonClock::typed($this->string('expected')->value()) === null
            ) {
                $validator->errors()->add('expected', Words::say('refusals.booking-note.expected'));
            }
        });
    }

    private function sayWrongDay(Validator $validator, Booking $booking): void
    {
        [$what, $today] = [$this->string('what')->value(), $booking->salon->today()->format('Y-m-d')];
        $date = $booking->date->format('Y-m-d');
        $wrong = match (true) {
            in_array($what, self::ON_THE_DAY, true) && $date !== $today => 'booking.not-today',
            in_array($what, self::ONCE_IT_CAME, true) && $date > $today => 'booking.still-to-come',
            $what === 'take-over' && $booking->status !== BookingStatus::UnderWay => 'booking.not-under-way',
            default => null,
        };
        if ($wrong !== null) {
            $validator->errors()->add('what', Words::say($wrong, [
                'day' => SalonClock::dayInWords($booking->date, 'D j M'),
            ]));
        }
    }

    /** @return array<string, mixed> what changes with it */
    public function columns(Booking $booking): array
    {
        return match ($this->string('what')->value()) {
            'here' => ['status' => BookingStatus::Arrived, 'arrived_at' => CarbonImmutable::now()],
            'later' => [
                'expected_at' => SalonClock::moment(
                    $booking->salon,
                    $booking->date->format('Y-m-d'),
                    SalonClock::typedOn($booking->salon, $this->string('expected')->value()) ?? 0,
                ),
            ],
            'begin' => [
                'status' => BookingStatus::UnderWay, 'begun_at' => CarbonImmutable::now(),
                'arrived_at' => $booking->arrived_at ?? CarbonImmutable::now(),
            ],
            'over' => ['over_minutes' => min(self::MOST_OVER_MINUTES, $booking->over_minutes + self::OVER_MINUTES)],
            'through' => [
                'status' => BookingStatus::Done,
                'ended_at' => self::isJustOver($booking) ? CarbonImmutable::now() : null,
            ],
            'keep' => ['kept_minutes' => self::careMinutes($booking), 'asks_minutes' => null],
            'as-planned' => ['kept_minutes' => null],
            'stay' => ['stays_with' => true],
            'take-over' => ['user_id' => $this->integer('stylist')],
            'no-show' => ['status' => BookingStatus::NoShow],
            'cancel' => [
                'status' => BookingStatus::Cancelled, 'because' => $this->string('because')->value(),
                'cancelled_at' => CarbonImmutable::now(),
            ],
            default => [
                'status' => BookingStatus::Booked, 'because' => null, 'begun_at' => null, 'ended_at' => null,
                'over_minutes' => 0, 'arrived_at' => null, 'cancelled_at' => null,
            ],
        };
    }

    /** Whether now is when it ended: who says so hours later does not mean this minute. */
    private static function isJustOver(Booking $booking): bool
    {
        $since = $booking->begun_at ?? $booking->arrived_at ?? $booking->expected_at ?? $booking->starts_at;

        return $since->addMinutes(self::TIMES_AS_LONG * $booking->minutes)->isFuture();
    }

    /** To the end of styling, where the booking is no longer than it is; how long it dries does not change. */
    private static function careMinutes(Booking $booking): int
    {
        $drying = $booking->parts['drying'] ?? 0;
        $care = $booking->minutes - (is_numeric($drying) ? (int) round((float) $drying) : 0);

        return min(WeekTime::MOST_MINUTES, max(CoreHead::LEAST_MINUTES_LIMIT, $care));
    }

    public function said(Booking $booking): string
    {
        $words = ['name' => ClientName::shown($booking->head->name), 'who' => $this->who($booking)];

        return match ($this->string('what')->value()) {
            'stay' => Words::say('booking.stays', $words),
            'take-over' => Words::say('booking.taken-over', $words),
            default => Words::say("said.booking-note.{$this->string('what')->value()}"),
        };
    }

    private function who(Booking $booking): string
    {
        return User::query()->find($this->integer('stylist') ?: $booking->user_id)->name ?? '';
    }
}
