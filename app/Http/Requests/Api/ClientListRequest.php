<?php

declare(strict_types=1);

namespace App\Http\Requests\Api;

use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;

/** Which clients a program asks for. */
final class ClientListRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['nullable', 'string', 'max:120'],
            'changed_since' => ['nullable', 'string', 'date_format:Y-m-d\TH:i:sP,Y-m-d\TH:i:s\Z'],
            'cursor' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => Words::say('api.fields.name-part'),
            'changed_since.*' => Words::say('api.fields.moment', [
                'such' => CarbonImmutable::now()->toIso8601ZuluString(),
            ]),
            'cursor.*' => Words::say('api.fields.cursor'),
        ];
    }

    public function changedSince(): ?CarbonImmutable
    {
        return $this->filled('changed_since') ? CarbonImmutable::parse($this->string('changed_since')->value()) : null;
    }
}
