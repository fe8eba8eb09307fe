<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Clearance;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A sign that bars treatments, with what was seen. */
final class RaiseFlagRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'sign' => ['required', Rule::in(array_keys(Clearance::FLAGS))],
            'seen' => ['required', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'sign' => Words::say('refusals.shared.sign'),
            'seen' => Words::say('refusals.raise-flag.seen'),
        ]);
    }
}
