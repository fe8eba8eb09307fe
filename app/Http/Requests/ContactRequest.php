<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Head;
use App\Pages\Clients\ContactForm;
use App\Wording\MessageLanguage;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** How a client is called and reached. */
final class ContactRequest extends FormRequest
{
    use MergesChanges;
    use Sentences;

    private const OPTIONAL = ['email', 'phone', 'household', 'language'];

    protected function prepareForValidation(): void
    {
        $head = $this->route('head');
        if ($head instanceof Head) {
            $form = app(ContactForm::class);
            $this->mergeWhatOthersChanged($form->name($head), $form->fields($head));
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::rulesOfContact();
    }

    /** @return array<string, list<mixed>> by field, wherever it is asked for */
    public static function rulesOfContact(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'email' => ['nullable', 'required_if:reminded_by,mail', 'email', 'max:190'],
            'phone' => ['nullable', 'required_if:reminded_by,text', 'string', 'regex:/^\+?[\d ()\/-]{5,30}$/'],
            'reminded_by' => ['nullable', 'in:nobody,mail,text'],
            'language' => ['nullable', 'string', Rule::in(array_keys(MessageLanguage::NAMES))],
            'household' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule(self::wordsOfContact()) + self::wordsOfForms();
    }

    /** @return array<string, string> what to type instead, by field */
    public static function wordsOfContact(): array
    {
        return [
            'name' => Words::say('refusals.client.name'),
            'email' => Words::say('refusals.client.email'),
            'phone' => Words::say('refusals.client.phone'),
            'reminded_by' => Words::say('refusals.client.reminded-by'),
            'language' => Words::say('messages.language.wrong'),
            'household' => Words::say('refusals.client.household'),
        ];
    }

    /** @return array<string, string> by field and rule, of what has a form of its own */
    public static function wordsOfForms(): array
    {
        return [
            'email.email' => Words::say('refusals.client.email'),
            'phone.regex' => Words::say('refusals.client.phone'),
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(fn (Validator $validator) => $this->sayConflicts($validator));
    }

    /** @return array<string, string|null> */
    public function columns(): array
    {
        $columns = [
            'name' => trim($this->string('name')->value()),
            'reminded_by' => $this->string('reminded_by')->value() ?: 'nobody',
        ];
        foreach (self::OPTIONAL as $field) {
            $columns[$field] = $this->filled($field) ? trim($this->string($field)->value()) : null;
        }

        return $columns;
    }
}
