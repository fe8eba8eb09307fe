<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Practice\Drills;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What was answered in a round of drills. */
final class DrillRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::in(Drills::kinds())],
            'answer' => ['required', 'array', 'max:' . Drills::items()],
            'answer.*' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'kind' => Words::say('practice.wrong.drill'), 'answer' => Words::say('practice.wrong.drill'),
            'answer.*' => Words::say('practice.wrong.choose'),
        ]);
    }

    /** @return array<int, string> by item; '' where there was no time */
    public function answers(): array
    {
        $answers = [];
        foreach ((array) $this->input('answer') as $item => $answer) {
            if (is_int($item) && $item >= 0 && $item < Drills::items()) {
                $answers[$item] = is_string($answer) ? $answer : '';
            }
        }

        return $answers;
    }
}
