<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Practice\CaseNames;
use App\Models\LivedCase;
use App\Models\User;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A practice client to begin with: a number gives the same one to whoever types it; none gives a new one. */
final class PracticeBeginRequest extends FormRequest
{
    use Sentences;

    private const MOST = 999_999;

    protected function prepareForValidation(): void
    {
        $this->merge(['seed' => TypedNumber::from($this->input('seed'))]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'seed' => ['nullable', 'integer', 'between:1,' . self::MOST],
            'case' => ['nullable', Rule::in(array_keys(CaseNames::grades()))],
            'lived' => ['nullable', 'integer', Rule::exists('lived_cases', 'id')->where('salon_id', $this->salonId())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'seed' => Words::say('practice.wrong.seed', ['most' => self::MOST]),
            'case' => Words::say('practice.wrong.case'), 'lived' => Words::say('practice.wrong.case'),
            'lived.exists' => Words::say('practice.wrong.case'),
        ]);
    }

    /** Of a written case; '' where one is to be drawn. */
    public function name(): string
    {
        return $this->string('case')->value();
    }

    public function lived(): ?LivedCase
    {
        return $this->filled('lived') ? LivedCase::query()->find($this->integer('lived')) : null;
    }

    private function salonId(): int
    {
        /** @var User $user the route is open to staff alone */
        $user = $this->user();

        return $user->salon_id;
    }

    public function seed(): int
    {
        return $this->filled('seed') ? $this->integer('seed') : random_int(1, self::MOST);
    }
}
