<?php

declare(strict_types=1);

namespace App\Http\Requests\Api;

use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;

/** Why a booking is cancelled. */
final class CancelRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['because' => ['required', 'string', 'max:400']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['because.*' => Words::say('refusals.booking-note.because')];
    }
}
