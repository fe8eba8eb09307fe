<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Nagomi\Core\Treatments\Step;

/** The end of a wash day, with the minutes that were asked about. */
final class FinishRequest extends FormRequest
{
    protected function prepareForValidation(): void
    {
        $minutes = $this->input('minutes');
        $this->merge(['minutes' => is_array($minutes) ? array_map(TypedNumber::from(...), $minutes) : []]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['minutes.*' => ['nullable', 'numeric', 'between:' . Step::LEAST_MINUTES . ',' . Step::MOST_MINUTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['minutes.*' => Words::say('wash.minutes')];
    }

    /** @return array<string, float> by key of the step */
    public function minutes(): array
    {
        $said = [];
        foreach ((array) $this->input('minutes') as $key => $minutes) {
            if (is_numeric($minutes)) {
                $said[(string) $key] = (float) $minutes;
            }
        }

        return $said;
    }
}
