<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Nagomi\Core\Products\IngredientFunction;

/** An ingredient the book is taught. */
final class TeachRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120', 'regex:/\pL{2}/u'],
            'also' => ['nullable', 'string', 'max:120'],
            'function' => ['required', Rule::enum(IngredientFunction::class)],
            'strength' => [
                'nullable',
                Rule::in(['mild', 'medium', 'strong', 'water', 'gentle', 'shampoo', 'clarifying', 'high']),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'name' => Words::say('refusals.teach.name'),
            'also' => Words::say('refusals.teach.also'),
            'strength' => Words::say('refusals.teach.strength'),
        ]) + [
            'function' => Words::say('refusals.teach.function'),
            'name.regex' => Words::say('refusals.teach.name'),
        ];
    }
}
