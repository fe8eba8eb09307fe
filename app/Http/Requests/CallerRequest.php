<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\MessageLanguage;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

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
            'language' => ['nullable', 'string', Rule::in(array_keys(MessageLanguage::NAMES))],
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
            'language' => Words::say('messages.language.wrong'),
            'service' => Words::say('booking.caller.damaged'),
            'date' => Words::say('booking.caller.damaged'),
        ]) + ['phone.regex' => Words::say('booking.caller.phone-wrong')];
    }

    public function name(): string
    {
        return trim($this->string('name')->value());
    }

    /** Null: as the salon writes. */
    public function language(): ?string
    {
        return $this->filled('language') ? $this->string('language')->value() : null;
    }

    public function phone(): string
    {
        return trim($this->string('phone')->value());
    }
}
