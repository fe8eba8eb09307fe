<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Nagomi\Core\Treatments\Step;

/** The end of a wash day, with the minutes that were asked about. */
final class FinishRequest extends FormRequest
{
    private const MOST_STEPS = 60;

    protected function prepareForValidation(): void
    {
        $minutes = $this->input('minutes');
        $this->merge(['minutes' => is_array($minutes) ? array_map(TypedNumber::from(...), $minutes) : []]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'minutes.*' => ['nullable', 'numeric', 'between:' . Step::LEAST_MINUTES . ',' . Step::MOST_MINUTES],
            'open' => ['nullable', 'string', 'in:ask,all,some'],
            'was_done' => ['nullable', 'array', 'max:' . self::MOST_STEPS],
            'was_done.*' => ['string', 'max:64'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['minutes.*' => Words::say('wash.minutes'), 'open' => Words::say('wash.open.unreadable'),
            'was_done' => Words::say('wash.open.unreadable'), 'was_done.*' => Words::say('wash.open.unreadable')];
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

    /** Whoever ends it wants to be asked about steps nobody tapped. */
    public function asksOfOpen(): bool
    {
        return $this->input('open') === 'ask';
    }

    /**
     * @param list<string> $open keys of the steps nobody tapped
     *
     * @return list<string> those of them that were done
     */
    public function done(array $open): array
    {
        return match ($this->input('open')) {
            'all' => $open,
            'some' => array_values(array_filter((array) $this->input('was_done'), is_string(...))),
            default => [],
        };
    }
}
