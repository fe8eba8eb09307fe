<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What a card sends: acts with keys of their own. */
final class HomeActsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'acts' => ['required', 'array', 'list', 'max:60'],
            'acts.*.key' => ['required', 'string', 'max:40'],
            'acts.*.kind' => ['required', 'string', 'max:16'],
            'acts.*.date' => ['required', 'string', 'max:10'],
            'acts.*.value' => ['present', 'array'],
        ];
    }

    /** @return list<array{key: string, kind: string, date: string, value: array<string, mixed>}> */
    public function acts(): array
    {
        /** @var list<array{key: string, kind: string, date: string, value: array<string, mixed>}> */
        return $this->input('acts');
    }
}
