<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** Days a stylist is away, whole or in part. */
final class LeaveRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();

        return [
            'leave_of' => ['required', 'integer', Rule::exists('users', 'id')->where('salon_id', $user->salon_id)],
            'leave_from' => ['required', 'date_format:Y-m-d'],
            'leave_until' => ['required', 'date_format:Y-m-d', 'after_or_equal:leave_from'],
            'leave_from_time' => ['nullable', 'string', 'max:20'],
            'leave_until_time' => ['nullable', 'string', 'max:20'],
            'leave_because' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'leave_of' => Words::say('refusals.leave.leave-of'),
            'leave_from' => Words::say('refusals.leave.leave-from'),
            'leave_until' => Words::say('refusals.leave.leave-until'),
            'leave_from_time' => Words::say('booking.leave.from-wrong'),
            'leave_until_time' => Words::say('booking.leave.until-wrong'),
            'leave_because' => Words::say('refusals.leave.leave-because'),
        ]) + ['leave_of.exists' => Words::say('refusals.leave.leave-of')];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            foreach (['from', 'until'] as $end) {
                if ($this->filled("leave_{$end}_time") && $this->minute($end) === null) {
                    $validator->errors()->add("leave_{$end}_time", Words::say("booking.leave.{$end}-wrong"));
                }
            }
            if (
                $validator->errors()->isEmpty()
                    && $this->input('leave_from') === $this->input('leave_until')
                    && ($this->minute('until') ?? PHP_INT_MAX) <= ($this->minute('from') ?? 0)
            ) {
                $validator->errors()->add('leave_until_time', Words::say('booking.leave.until-wrong'));
            }
        });
    }

    /** @return int|null minute of the day; null where none is typed, or none that is one */
    private function minute(string $end): ?int
    {
        /** @var User $user */
        $user = $this->user();

        return SalonClock::typedOn($user->salon, $this->string("leave_{$end}_time")->value());
    }

    /**
     * @return array{
     *     user_id: int, from: string, until: string, from_minute: int|null, until_minute: int|null, because: string,
     * }
     */
    public function columns(): array
    {
        return [
            'user_id' => $this->integer('leave_of'),
            'from' => $this->string('leave_from')->value(),
            'until' => $this->string('leave_until')->value(),
            'from_minute' => $this->minute('from'),
            'until_minute' => $this->minute('until'),
            'because' => $this->string('leave_because')->value(),
        ];
    }
}
