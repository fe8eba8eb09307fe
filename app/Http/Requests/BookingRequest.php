<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Booking;
use App\Models\Service;
use App\Models\User;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Nagomi\Core\WashDay\DryingMethod;

/** Who comes when, for what, to whose hands. */
final class BookingRequest extends FormRequest
{
    use Sentences;

    protected function prepareForValidation(): void
    {
        // A time that was offered comes as one: day, time and whose hands.
        if (preg_match('/^(\S+) (\S+) (\d+)$/', $this->string('slot')->value(), $parts) === 1) {
            $this->merge(['date' => $parts[1], 'time' => $parts[2], 'stylist' => $parts[3]]);
        }
    }

    /** Who walks in is booked a little after sitting down. */
    private const PAST_MINUTES = 15;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();
        $today = $user->salon->today();
        $of = fn (string $table, string $column) => Rule::exists($table, $column)->where('salon_id', $user->salon_id);

        return [
            'head' => [$this->isMethod('post') ? 'required' : 'nullable', 'string', $of('heads', 'id')],
            'service' => [$this->isMethod('post') ? 'required' : 'nullable', 'integer', $of('services', 'id')],
            'stylist' => ['required', 'integer', $of('users', 'id')],
            'date' => [
                'required',
                'date_format:Y-m-d',
                "after_or_equal:{$today->format('Y-m-d')}",
                "before_or_equal:{$today->addYears(2)->format('Y-m-d')}",
            ],
            'time' => ['required', 'string'],
            'drying' => ['nullable', 'string', Rule::in(array_column(DryingMethod::cases(), 'value'))],
            'sequence' => [$this->isMethod('put') ? 'required' : 'nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'head' => Words::say('refusals.booking.head'),
            'service' => Words::say('refusals.booking.service'),
            'stylist' => Words::say('refusals.booking.stylist'),
            'date' => Words::say('refusals.booking.date', [
                'such' => CarbonImmutable::now()->addDays(3)->format('Y-m-d'),
            ]),
            'time' => Words::say('refusals.booking.time'),
            'drying' => Words::say('booking.drying.choose'),
        ]) + [
            'head.exists' => Words::say('refusals.booking.head'),
            'service.exists' => Words::say('refusals.booking.service'),
            'stylist.exists' => Words::say('refusals.booking.stylist'),
            'sequence' => Words::say('refusals.shared.what'),
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if (! $validator->errors()->has('time') && SalonClock::typed($this->string('time')->value()) === null) {
                $validator->errors()->add('time', Words::say('refusals.booking.time'));
            }
            if ($validator->errors()->isEmpty() && $this->hasPassed()) {
                $validator->errors()->add('time', Words::say('booking.passed', [
                    'time' => SalonClock::shown($this->minute()),
                ]));
            }
        });
    }

    private function hasPassed(): bool
    {
        /** @var User $user */
        $user = $this->user();
        $starts = SalonClock::moment($user->salon, $this->string('date')->value(), $this->minute());

        return $starts !== null && $starts->lessThan(CarbonImmutable::now()->subMinutes(self::PAST_MINUTES));
    }

    public function day(): CarbonImmutable
    {
        /** @var User $user */
        $user = $this->user();

        return CarbonImmutable::parse($this->string('date')->value(), $user->salon->timezone);
    }

    /** Of the day. */
    public function minute(): int
    {
        /** @var User $user */
        $user = $this->user();

        return SalonClock::typedOn($user->salon, $this->string('time')->value()) ?? 0;
    }

    /** As somebody chose; null: as always. */
    public function drying(): ?DryingMethod
    {
        return DryingMethod::tryFrom($this->string('drying')->value());
    }

    /** Where nothing is said of it a booking is dried as it was to be. */
    public function dryingOf(Booking $booking): ?DryingMethod
    {
        return $this->has('drying') ? $this->drying() : DryingMethod::tryFrom($booking->drying ?? '');
    }

    public function service(): Service
    {
        return Service::query()->findOrFail($this->integer('service'));
    }

    public function stylist(): User
    {
        return User::query()->findOrFail($this->integer('stylist'));
    }
}
