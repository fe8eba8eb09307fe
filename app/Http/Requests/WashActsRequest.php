<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Taps from a tablet at the wash, perhaps some time after they were made. */
final class WashActsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'device' => ['required', 'string', 'max:40'],
            'acts' => ['array', 'max:200'],
            'acts.*.key' => ['required', 'string', 'max:40'],
            'acts.*.kind' => ['required', 'string', 'max:16'],
            'acts.*.step' => ['required', 'string', 'max:40'],
            'acts.*.at' => ['required', 'string', 'max:40'],
            'acts.*.value' => ['nullable', 'array'],
            'acts.*.value.ml' => ['nullable', 'numeric', 'between:0,1000'],
            'acts.*.value.note' => ['nullable', 'string', 'max:40'],
            'acts.*.value.section' => ['nullable', 'integer', 'between:0,15'],
        ];
    }

    public function device(): string
    {
        return $this->string('device')->value();
    }

    /** @return list<array{key: string, kind: string, step: string, value: array<string, mixed>, at: string}> */
    public function acts(): array
    {
        $acts = [];
        foreach ((array) $this->input('acts', []) as $act) {
            $act = is_array($act) ? $act : [];
            $text = fn (string $name): string => is_string($act[$name] ?? null) ? $act[$name] : '';
            $value = [];
            foreach (is_array($act['value'] ?? null) ? $act['value'] : [] as $name => $one) {
                $value[(string) $name] = $one;
            }
            $acts[] = [
                'key' => $text('key'), 'kind' => $text('kind'), 'step' => $text('step'), 'value' => $value,
                'at' => $text('at'),
            ];
        }

        return $acts;
    }
}
