<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Practice\PlayedLife;
use App\Bridge\Practice\PracticeTests;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Hair tests to take at a practice visit. */
final class PracticeTestsRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'turn' => ['required', 'integer', 'between:0,' . (PlayedLife::VISITS - 1)],
            'take' => ['required', 'array', 'max:20'],
            'take.*' => ['string', Rule::in(PracticeTests::names())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'turn' => Words::say('practice.wrong.over'),
            'take' => Words::say('practice.wrong.no-test'),
            'take.*' => Words::say('practice.wrong.test'),
        ]);
    }

    /** @return list<string> */
    public function tests(): array
    {
        return array_values(array_unique(array_filter((array) $this->input('take'), is_string(...))));
    }
}
