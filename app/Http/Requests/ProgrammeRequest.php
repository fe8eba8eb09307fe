<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Trials\ProgrammeKind;
use App\Bridge\Trials\TrialResult;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Something to keep to for a fixed time. */
final class ProgrammeRequest extends FormRequest
{
    use Sentences;

    protected function prepareForValidation(): void
    {
        $this->merge(['weeks' => TypedNumber::from($this->input('weeks'))]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();

        return [
            'programme' => ['required', Rule::enum(ProgrammeKind::class)],
            'weeks' => ['nullable', 'integer', 'between:1,26'],
            'programme_sign' => ['required', Rule::in(app(TrialResult::class)->signs())],
            'programme_from' => [
                'required',
                'date_format:Y-m-d',
                'before_or_equal:' . $user->salon->today()->addDays(60)->format('Y-m-d'),
                'after_or_equal:' . $user->salon->today()->subYear()->format('Y-m-d'),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'weeks' => 'Weeks: type 1 to 26, or leave it empty for as long as it usually takes.',
            'programme_from' => 'From: type a day within the last year or the next two months, such as 2027-02-28.',
            'programme_sign' => 'Measured by: choose one.',
        ]) + ['programme' => 'What: choose one.', 'programme.*' => 'What: choose one.'];
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        $kind = ProgrammeKind::from($this->string('programme')->value());

        return [
            'kind' => $kind->value,
            'weeks' => $this->filled('weeks') ? $this->integer('weeks') : $kind->weeks(),
            'sign' => $this->string('programme_sign')->value(),
            'began_on' => $this->string('programme_from')->value(),
        ];
    }
}
