<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;

/** Somebody who calls and is not in the book: a name and a number. */
final class CallerRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'phone' => ['required', 'string', 'regex:/^\+?[\d ()\/-]{5,30}$/'],
            'written_to' => ['nullable', 'boolean'],
            'service' => ['nullable', 'integer'],
            'date' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'name' => Words::say('booking.caller.name-wrong'),
            'phone' => Words::say('booking.caller.phone-wrong'),
            'written_to' => Words::say('booking.caller.damaged'),
            'service' => Words::say('booking.caller.damaged'),
            'date' => Words::say('booking.caller.damaged'),
        ]) + ['phone.regex' => Words::say('booking.caller.phone-wrong')];
    }

    public function name(): string
    {
        return trim($this->string('name')->value());
    }

    public function phone(): string
    {
        return trim($this->string('phone')->value());
    }
}
