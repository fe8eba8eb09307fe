<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;

/** After how many years without a sign a client is forgotten. */
final class RetentionRequest extends FormRequest
{
    public const MOST_YEARS = 30;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['forget_after_years' => ['nullable', 'integer', 'between:1,' . self::MOST_YEARS]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['forget_after_years.*' => Words::say('forgetting.years-wrong', ['most' => self::MOST_YEARS])];
    }

    public function years(): ?int
    {
        return $this->filled('forget_after_years') ? $this->integer('forget_after_years') : null;
    }
}
