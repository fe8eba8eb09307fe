<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Booking;
use App\Models\User;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Which booking exchanges its time with which, as both were seen. */
final class BookingExchangeRequest extends FormRequest
{
    use Sentences;

    protected function prepareForValidation(): void
    {
        // The other comes as it was seen: its key and how often it was changed by then.
        if (preg_match('/^(\w+) (\d+)$/', $this->string('with')->value(), $parts) === 1) {
            $this->merge(['other' => $parts[1], 'other_sequence' => $parts[2]]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();

        return [
            'sequence' => ['required', 'integer'],
            'other' => ['required', 'string', Rule::exists('bookings', 'id')->where('salon_id', $user->salon_id)],
            'other_sequence' => ['required', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $choose = Words::say('booking.exchanged.choose');

        return $this->forEveryRule([
            'sequence' => Words::say('booking.caller.damaged'), 'other' => $choose, 'other_sequence' => $choose,
        ]) + ['other.exists' => $choose];
    }

    public function other(): Booking
    {
        return Booking::query()->findOrFail($this->string('other')->value());
    }
}
