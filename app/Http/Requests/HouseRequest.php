<?php

declare(strict_types=1);

namespace App\Http\Requests;

use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Nagomi\Core\Head\MethodQuestion;

/** What a salon does by default. */
final class HouseRequest extends FormRequest
{
    use Sentences;

    protected function prepareForValidation(): void
    {
        $this->merge(array_map(TypedNumber::from(...), $this->only(['hardness_mg_per_l', 'humidity_percent'])));
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $rules = [
            'name' => ['required', 'string', 'max:120'],
            'timezone' => ['required', Rule::in(DateTimeZone::listIdentifiers())],
            'hardness_mg_per_l' => ['required', 'numeric', 'between:0,1000'],
            'humidity_percent' => ['required', 'numeric', 'between:0,100'],
        ];
        foreach (MethodQuestion::cases() as $question) {
            $rules["method.{$question->value}"] = ['required', Rule::in($question->choices())];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'name' => 'Name: type what the salon is called, up to 120 characters.',
            'timezone' => 'Time zone: choose one from the list.',
            'hardness_mg_per_l' => 'Water hardness: type 0 to 1000 mg/L of CaCO₃.',
            'humidity_percent' => 'Humidity: type 0 to 100 %.',
        ]);
    }
}
