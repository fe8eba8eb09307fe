<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Plans\StoredPlanTerms;
use App\Models\Head;
use App\Models\User;
use App\Wording\Words;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/** One wash day set by hand, with the reason. */
final class FixedWashDayRequest extends FormRequest
{
    use Sentences;

    protected function prepareForValidation(): void
    {
        $this->merge([
            'mask_minutes' => TypedNumber::from($this->input('mask_minutes')),
            'reason' => trim($this->string('reason')->value()),
        ]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'hand_date' => [
                'required',
                'date_format:Y-m-d',
                'after_or_equal:' . $this->stylist()->salon->today()->format('Y-m-d'),
            ],
            'cleanse' => ['required', Rule::enum(CleanseKind::class)],
            'passes' => ['required', 'integer', 'between:1,3'],
            'mask_minutes' => ['nullable', 'numeric', 'between:0.5,720'],
            'protein' => ['nullable', 'in:mild-protein,strong-protein'],
            'heat' => ['nullable', 'boolean'],
            'reason' => ['required', 'string', 'max:500'],
        ];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            /** @var Head $head */
            $head = $this->route('head');
            $day = Calendar::day($this->string('hand_date')->value());
            $planning = app(Parameters::class)->planning;
            $age = $day === null ? null : app(HeadRecord::class)->core($head)->ageOn($day);
            if ($age !== null && $age < $planning->childUntilYears) {
                $years = ['years' => $planning->childUntilYears];
                $isStrong = $this->string('protein')->value() === StepKind::StrongProtein->value;
                ! $isStrong || $validator->errors()->add('protein', Words::say('plan.child.protein', $years));
                ! $this->boolean('heat') || $validator->errors()->add('heat', Words::say('plan.child.heat', $years));
            }
        }];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'hand_date' => Words::say('refusals.fixed-wash-day.hand-date'),
            'cleanse' => Words::say('refusals.fixed-wash-day.cleanse'),
            'passes' => Words::say('refusals.fixed-wash-day.passes'),
            'mask_minutes' => Words::say('refusals.fixed-wash-day.mask-minutes'),
            'reason' => Words::say('refusals.fixed-wash-day.reason'),
        ]);
    }

    /** @return array<string, mixed> the season with this day set; a day set before is set anew */
    public function season(): array
    {
        /** @var Head $head */
        $head = $this->route('head');
        $date = $this->string('hand_date')->value();
        $others = array_filter(
            app(StoredPlanTerms::class)->byHand($head),
            fn (array $set): bool => ($set['date'] ?? null) !== $date,
        );

        return app(StoredPlanTerms::class)->with($head, ['by_hand' => [...array_values($others), array_filter([
            'date' => $date,
            'cleanse' => $this->string('cleanse')->value(),
            'passes' => $this->integer('passes'),
            'mask_minutes' => $this->filled('mask_minutes') ? $this->float('mask_minutes') : null,
            'protein' => $this->filled('protein') ? $this->string('protein')->value() : null,
            'heat' => $this->boolean('heat'),
            'reason' => $this->string('reason')->value(),
            'by' => $this->stylist()->name,
        ], fn (mixed $value): bool => $value !== null)]]);
    }

    private function stylist(): User
    {
        /** @var User */
        return $this->user();
    }
}
