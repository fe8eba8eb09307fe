<?php

declare(strict_types=1);

namespace App\Http\Requests\Api;

use App\Models\User;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** Which days' bookings a program asks for, or from which day on a time. */
final class BookingListRequest extends FormRequest
{
    /** Days told of in one answer. */
    public const MOST_DAYS = 31;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $salon = $this->giver()->salon_id;
        $isAsked = $this->routeIs('api.free-times') ? 'required' : 'nullable';

        return [
            'from' => ['nullable', 'string', 'date_format:Y-m-d'],
            'until' => ['nullable', 'string', 'date_format:Y-m-d'],
            'client' => [$isAsked, 'string', Rule::exists('heads', 'id')->where('salon_id', $salon)],
            'service' => [$isAsked, 'integer', Rule::exists('services', 'id')->where('salon_id', $salon)],
            'stylist' => ['nullable', 'integer', Rule::exists('users', 'id')->where('salon_id', $salon)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $day = Words::say('api.fields.day', ['such' => CarbonImmutable::now()->format('Y-m-d')]);

        return [
            'from.*' => $day, 'until.*' => $day,
            'client.*' => Words::say('refusals.booking.head'),
            'service.*' => Words::say('refusals.booking.service'),
            'stylist.*' => Words::say('refusals.booking.stylist'),
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $days = $validator->errors()->isEmpty() ? $this->from()->diffInDays($this->until()) : 0;
            if ($days < 0 || $days >= self::MOST_DAYS) {
                $validator->errors()->add('until', Words::say('api.fields.days', ['most' => self::MOST_DAYS]));
            }
        });
    }

    /** Today, where nothing is said. */
    public function from(): CarbonImmutable
    {
        return $this->day('from') ?? $this->giver()->salon->today();
    }

    /** The last day told of. */
    public function until(): CarbonImmutable
    {
        return $this->day('until') ?? $this->from()->addDays(self::MOST_DAYS - 1);
    }

    private function day(string $field): ?CarbonImmutable
    {
        return $this->filled($field)
            ? CarbonImmutable::parse($this->string($field)->value(), $this->giver()->salon->timezone)
            : null;
    }

    private function giver(): User
    {
        /** @var User */
        return $this->user();
    }
}
