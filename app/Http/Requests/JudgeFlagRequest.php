<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Whether what a reading raised is so; where it is not, what it was instead. */
final class JudgeFlagRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'clearance' => ['required', 'integer', 'between:1,9000000000000000'],
            'what' => ['required', Rule::in(['confirm', 'withdraw'])],
            'because' => ['exclude_unless:what,withdraw', 'required', 'string', 'min:3', 'max:200'],
        ];
    }

    /** What it was instead; null where it is so. */
    public function because(): ?string
    {
        return $this->input('what') === 'withdraw' ? $this->string('because')->trim()->value() : null;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'clearance' => __('scalp.raised.gone'),
            'what' => __('scalp.raised.what-wrong'),
            'because' => __('scalp.raised.because-wrong'),
        ]);
    }
}
