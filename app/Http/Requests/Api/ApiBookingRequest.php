<?php

declare(strict_types=1);

namespace App\Http\Requests\Api;

use App\Models\Booking;
use App\Models\Head;
use App\Models\Service;
use App\Models\User;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Exists;
use Illuminate\Validation\Validator;
use Nagomi\Core\WashDay\DryingMethod;

/** A time a program asks for, or moves a booking to: a moment with its offset, and whose hands. */
final class ApiBookingRequest extends FormRequest
{
    /** As far ahead as anybody books by hand. */
    private const MOST_YEARS = 2;

    protected function prepareForValidation(): void
    {
        $booking = $this->route('booking');
        if ($booking instanceof Booking) {
            $this->merge($this->all() + [
                'stylist' => $booking->user_id, 'drying' => $booking->drying,
                'starts_at' => $booking->starts_at->setTimezone($this->timezone())->toIso8601String(),
            ]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $salon = $this->giver()->salon_id;
        $isFor = $this->route('booking') === null ? 'required' : 'prohibited';
        $of = static fn (string $table): Exists => Rule::exists($table, 'id')->where('salon_id', $salon);

        return [
            'client' => [$isFor, 'string', $of('heads')],
            'service' => [$isFor, 'integer', $of('services')],
            'stylist' => ['required', 'integer', $of('users')->whereNull('left_at')],
            'starts_at' => ['required', 'string', 'date_format:Y-m-d\TH:i:sP,Y-m-d\TH:i:s\Z'],
            'drying' => ['nullable', 'string', Rule::in(array_column(DryingMethod::cases(), 'value'))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'client.prohibited' => Words::say('api.fields.fixed'),
            'service.prohibited' => Words::say('api.fields.fixed'),
            'client.*' => Words::say('refusals.booking.head'),
            'service.*' => Words::say('refusals.booking.service'),
            'stylist.*' => Words::say('refusals.booking.stylist'),
            'starts_at.*' => Words::say('api.fields.moment', [
                'such' => CarbonImmutable::now($this->timezone())->addDays(3)->startOfHour()->toIso8601String(),
            ]),
            'drying.*' => Words::say('booking.drying.choose'),
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $starts = $this->starts();
            if ($starts->isPast() || $starts->greaterThan(CarbonImmutable::now()->addYears(self::MOST_YEARS))) {
                $validator->errors()->add('starts_at', Words::say('api.fields.to-come'));
            }
        });
    }

    /** On the salon's own clock. */
    public function starts(): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string('starts_at')->value())->setTimezone($this->timezone());
    }

    /** Of the salon's day. */
    public function minute(): int
    {
        return SalonClock::minute($this->giver()->salon, $this->starts(), $this->starts());
    }

    public function client(): Head
    {
        return Head::query()->findOrFail($this->string('client')->value());
    }

    public function service(): Service
    {
        return Service::query()->findOrFail($this->integer('service'));
    }

    public function stylist(): User
    {
        return User::query()->findOrFail($this->integer('stylist'));
    }

    public function drying(): ?DryingMethod
    {
        return DryingMethod::tryFrom($this->string('drying')->value());
    }

    private function timezone(): string
    {
        return $this->giver()->salon->timezone;
    }

    private function giver(): User
    {
        /** @var User */
        return $this->user();
    }
}
