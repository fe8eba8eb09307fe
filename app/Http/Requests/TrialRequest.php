<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Trials\TrialResult;
use App\Models\User;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Nagomi\Core\Head\Zone;

/** One change to be tried out, and the measure it is judged by. */
final class TrialRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();
        $half = Rule::requiredIf($this->input('kind') === 'half-head');

        return [
            'kind' => ['required', Rule::in(TrialResult::KINDS)],
            'change' => ['required', 'string', 'max:200'],
            'sign' => ['required', Rule::in(app(TrialResult::class)->signs())],
            'began_on' => [
                'required',
                'date_format:Y-m-d',
                'before_or_equal:' . $user->salon->today()->addDays(60)->format('Y-m-d'),
            ],
            'usual_zone' => [$half, 'nullable', Rule::enum(Zone::class)],
            'changed_zone' => [$half, 'nullable', Rule::enum(Zone::class), 'different:usual_zone'],
        ];
    }

    /** @return array<string, mixed> the zones belong to a half-head trial alone */
    public function columns(): array
    {
        $half = $this->input('kind') === 'half-head';

        return [
            'kind' => $this->input('kind'),
            'change' => $this->string('change')->value(),
            'sign' => $this->input('sign'),
            'began_on' => $this->input('began_on'),
            'usual_zone' => $half ? $this->input('usual_zone') : null,
            'changed_zone' => $half ? $this->input('changed_zone') : null,
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'change' => Words::say('refusals.trial.change'),
            'began_on' => Words::say('refusals.trial.began-on'),
            'kind' => Words::say('refusals.trial.kind'),
            'sign' => Words::say('refusals.shared.programme-sign'),
        ])
            + [
                'usual_zone' => Words::say('refusals.trial.usual-zone'),
                'changed_zone' => Words::say('refusals.trial.changed-zone'),
                'changed_zone.different' => Words::say('refusals.trial.changed-zone-different'),
            ];
    }
}
