<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Trials\TrialResult;
use App\Models\Head;
use App\Models\Programme;
use App\Models\User;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Nagomi\Core\Planning\ProgrammeKind;

/** Something to keep to for a fixed time. */
final class ProgrammeRequest extends FormRequest
{
    use Sentences;

    protected function prepareForValidation(): void
    {
        $this->merge(['weeks' => TypedNumber::from($this->input('weeks'))]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();

        return [
            'programme' => ['required', Rule::enum(ProgrammeKind::class)],
            'weeks' => ['nullable', 'integer', 'between:1,26'],
            'programme_sign' => ['required', Rule::in(app(TrialResult::class)->signs())],
            'programme_from' => [
                'required',
                'date_format:Y-m-d',
                'before_or_equal:' . $user->salon->today()->addDays(60)->format('Y-m-d'),
                'after_or_equal:' . $user->salon->today()->subYear()->format('Y-m-d'),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'weeks' => Words::say('refusals.programme.weeks'),
            'programme_from' => Words::say('refusals.programme.programme-from'),
            'programme_sign' => Words::say('refusals.shared.programme-sign'),
        ]) + array_fill_keys(['programme', 'programme.*'], Words::say('refusals.programme.programme'));
    }

    /** Two that say two things of one cannot both be kept to. */
    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $other = $this->contradicted();
            if ($other !== null) {
                $validator->errors()->add('programme', Words::say('programmes.contradicts', [
                    'other' => Words::of("programmes.{$other->kind}"),
                    'until' => SalonClock::dayInWords($other->endsOn(), 'j M Y'),
                ]));
            }
        });
    }

    private function contradicted(): ?Programme
    {
        /** @var Head $head */
        $head = $this->route('head');
        $new = new Programme($this->columns());
        [$from, $until] = [CarbonImmutable::parse($new->began_on), CarbonImmutable::parse($new->endsOn())];
        /** @var iterable<Programme> $running */
        $running = Programme::query()->where('head_id', $head->id)->whereNull('broken_off_on')->get();
        foreach ($running as $other) {
            if (
                $other->began_on <= $until
                    && $other->endsOn() >= $from
                    && ProgrammeKind::from($other->kind)->contradicts(ProgrammeKind::from($new->kind))
            ) {
                return $other;
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        $kind = ProgrammeKind::from($this->string('programme')->value());

        return [
            'kind' => $kind->value,
            'weeks' => $this->filled('weeks') ? $this->integer('weeks') : $kind->weeks(),
            'sign' => $this->string('programme_sign')->value(),
            'began_on' => $this->string('programme_from')->value(),
        ];
    }
}
