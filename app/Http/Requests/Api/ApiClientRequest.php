<?php

declare(strict_types=1);

namespace App\Http\Requests\Api;

use App\Http\Requests\ContactRequest;
use App\Http\Requests\Sentences;
use App\Models\Head;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;

/** How a client is called and reached, as another program says it: what is left out stays as it is. */
final class ApiClientRequest extends FormRequest
{
    use Sentences;

    /** What programs call otherwise than the columns. */
    private const MESSAGES = 'messages';
    private const FIELDS = ['name', 'email', 'phone', 'language', 'household'];

    protected function prepareForValidation(): void
    {
        $head = $this->route('head');
        $now = $head instanceof Head
            ? $head->only(self::FIELDS) + [self::MESSAGES => $head->reminded_by]
            : [self::MESSAGES => 'nobody'];
        $this->merge($this->all() + $now);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rules = ContactRequest::rulesOfContact();
        unset($rules['reminded_by']);
        $rules['email'] = ['nullable', 'required_if:messages,mail', 'email', 'max:190'];
        $rules['phone'] = ['nullable', 'required_if:messages,text', 'string', 'regex:/^\+?[\d ()\/-]{5,30}$/'];

        return $rules + [
            self::MESSAGES => ['required', 'in:nobody,mail,text'],
            'another' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $words = ContactRequest::wordsOfContact();

        return $this->forEveryRule($words + [
            self::MESSAGES => $words['reminded_by'], 'another' => Words::say('api.fields.boolean'),
        ]) + ContactRequest::wordsOfForms();
    }

    /** @return array{name: string, reminded_by: string, email: string|null, phone: string|null, language: string|null, household: string|null} */
    public function columns(): array
    {
        $text = fn (string $field): ?string => $this->filled($field) ? trim($this->string($field)->value()) : null;

        return [
            'name' => trim($this->string('name')->value()),
            'reminded_by' => $this->string(self::MESSAGES)->value(),
            'email' => $text('email'), 'phone' => $text('phone'), 'language' => $text('language'),
            'household' => $text('household'),
        ];
    }
}
