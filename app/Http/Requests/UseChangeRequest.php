<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Nagomi\Core\Planning\PlanChange;

/** A change that was asked about, to be made for good. */
final class UseChangeRequest extends FormRequest
{
    use Sentences;

    protected function prepareForValidation(): void
    {
        $this->merge(['number' => TypedNumber::from($this->input('number'))]);
    }

    /** What was asked wrongly is asked again where it was asked. */
    protected function getRedirectUrl(): string
    {
        return route('clients.plan.what-if', $this->route('head'));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $chosen = array_filter(PlanChange::cases(), fn (PlanChange $change): bool => $change->isChosen());
        [$least, $most] = $this->range();

        return [
            'change' => ['required', Rule::in(array_column($chosen, 'value'))],
            'number' => $least === null
                ? ['nullable', 'numeric']
                : ['required', 'integer', "between:{$least},{$most}"],
        ];
    }

    /** @return array{int|null, int|null} whole numbers the change may have; null where it has none */
    private function range(): array
    {
        return match ($this->input('change')) {
            PlanChange::WashEvery->value => [2, 35],
            PlanChange::MinutesLimit->value => [10, 480],
            default => [null, null],
        };
    }

    public function number(): ?float
    {
        return $this->range()[0] === null ? null : (float) $this->integer('number');
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        [$least, $most] = $this->range();

        return $this->forEveryRule([
            'change' => __('wishes.wrong.change'),
            'number' => __('wishes.wrong.number', ['range' => "type {$least} to {$most}."]),
        ]);
    }
}
