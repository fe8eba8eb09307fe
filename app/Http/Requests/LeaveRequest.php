<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Days a stylist is away. */
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
            'leave_because' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'leave_of' => 'Who: choose one from the list.',
            'leave_from' => 'From: type the first day away, such as 2027-02-08.',
            'leave_until' => 'Until: type the last day away, the first or a later one.',
            'leave_because' => 'Why: up to 120 letters, or leave it empty.',
        ]) + ['leave_of.exists' => 'Who: choose one from the list.'];
    }

    /** @return array{user_id: int, from: string, until: string, because: string} */
    public function columns(): array
    {
        return [
            'user_id' => $this->integer('leave_of'),
            'from' => $this->string('leave_from')->value(),
            'until' => $this->string('leave_until')->value(),
            'because' => $this->string('leave_because')->value(),
        ];
    }
}
