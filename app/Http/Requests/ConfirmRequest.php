<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;

/** The password once more, by whoever is signed in. */
final class ConfirmRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['current' => ['required', 'string', 'max:200', 'current_password']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['current' => Words::say('people.wrong.current')];
    }
}
