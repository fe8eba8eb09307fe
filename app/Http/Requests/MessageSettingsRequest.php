<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Pages\Salon\MessagesForm;
use App\Wording\MessageLanguage;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** Quiet hours, and what the stand-in for mail and text does. */
final class MessageSettingsRequest extends FormRequest
{
    use MergesChanges;

    protected function prepareForValidation(): void
    {
        /** @var User $user */
        $user = $this->user();
        $this->mergeWhatOthersChanged(
            app(MessagesForm::class)->name($user->salon),
            app(MessagesForm::class)->fields($user->salon),
        );
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'quiet_from' => ['required', 'string'],
            'quiet_until' => ['required', 'string'],
            'outbox' => ['required', 'in:works,refuses,hangs'],
            'language' => ['nullable', 'string', Rule::in(array_keys(MessageLanguage::NAMES))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'quiet_from.*' => Words::say('refusals.message-settings.quiet-from'),
            'quiet_until.*' => Words::say('refusals.message-settings.quiet-until'),
            'outbox.*' => Words::say('refusals.message-settings.outbox'),
            'language.*' => Words::say('messages.language.wrong'),
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $this->sayConflicts($validator);
            foreach (['quiet_from' => 'quiet-from', 'quiet_until' => 'quiet-until'] as $field => $words) {
                if (! $validator->errors()->has($field) && SalonClock::typed($this->string($field)->value()) === null) {
                    $validator->errors()->add($field, Words::say("refusals.message-settings.{$words}"));
                }
            }
        });
    }

    /** @return array{quiet_from_minute: int, quiet_until_minute: int, outbox: string, language?: string} */
    public function columns(): array
    {
        return [
            'quiet_from_minute' => (int) SalonClock::typed($this->string('quiet_from')->value()),
            'quiet_until_minute' => (int) SalonClock::typed($this->string('quiet_until')->value()),
            'outbox' => $this->string('outbox')->value(),
        ] + ($this->filled('language') ? ['language' => $this->string('language')->value()] : []);
    }
}
