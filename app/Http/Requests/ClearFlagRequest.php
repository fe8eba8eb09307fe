<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Clearance;
use App\Models\User;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Who cleared a sign, and when. */
final class ClearFlagRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();

        return [
            'sign' => ['required', Rule::in(array_keys(Clearance::FLAGS))],
            'cleared_by' => ['required', 'string', 'min:3', 'max:120'],
            'cleared_on' => [
                'required',
                'date_format:Y-m-d',
                'before_or_equal:' . $user->salon->today()->format('Y-m-d'),
                'after_or_equal:1990-01-01',
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'sign' => Words::say('refusals.shared.sign'),
            'cleared_by' => Words::say('refusals.clear-flag.cleared-by'),
            'cleared_on' => Words::say('refusals.clear-flag.cleared-on'),
        ]);
    }
}
