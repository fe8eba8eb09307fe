<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\ConsentPurpose;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Somebody agrees to one thing. */
final class ConsentRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'purpose' => ['required', Rule::enum(ConsentPurpose::class)],
            'given_by' => ['required', 'string', 'max:120'],
            'agreed' => ['accepted'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'purpose.*' => Words::say('consent.wrong.purpose'), 'given_by.*' => Words::say('consent.wrong.given-by'),
            'agreed.*' => Words::say('consent.wrong.agreed'),
        ];
    }

    public function purpose(): ConsentPurpose
    {
        return ConsentPurpose::from($this->string('purpose')->value());
    }
}
