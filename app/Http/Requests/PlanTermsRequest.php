<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Plans\StoredPlanTerms;
use App\Models\Head;
use App\Pages\Plan\PlanTermsForm;
use App\Wording\Money;
use App\Wording\TypedMoney;
use App\Wording\Words;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use InvalidArgumentException;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\TrimGoal;
use Nagomi\Core\Planning\WeekTime;

/** What a plan must keep to. */
final class PlanTermsRequest extends FormRequest
{
    use MergesChanges;
    use Sentences;

    /** @var array<string, mixed> */
    private array $season = [];

    protected function prepareForValidation(): void
    {
        /** @var Head $head */
        $head = $this->route('head');
        $this->mergeWhatOthersChanged(
            app(PlanTermsForm::class)->name($head),
            app(PlanTermsForm::class)->fields($head),
            ['not_at_home'],
        );
        $this->merge(['home_minutes_limit' => TypedNumber::from($this->input('home_minutes_limit'))]);
        foreach (['stock', 'weekday_minutes'] as $numbers) {
            $this->merge([$numbers => array_map(TypedNumber::from(...), (array) $this->input($numbers, []))]);
        }
        $this->merge(['prices' => array_map(
            fn (mixed $typed): int|float|string|null => TypedMoney::from($typed, $head->salon->currency),
            (array) $this->input('prices', []),
        )]);
        $rows = array_filter(
            (array) $this->input('away', []),
            fn (mixed $row): bool => is_array($row) && (($row['from'] ?? '') !== '' || ($row['until'] ?? '') !== ''),
        );
        $days = preg_split('/[\s,;]+/', $this->string('salon_days')->value(), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $this->merge(['away' => array_values($rows), 'salon_day_list' => $days]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'away' => ['array', 'max:12'],
            'away.*.from' => ['required', 'date_format:Y-m-d'],
            'away.*.until' => ['required', 'date_format:Y-m-d', 'after_or_equal:away.*.from'],
            'salon_day_list.*' => ['date_format:Y-m-d'],
            'not_at_home' => ['array'],
            'not_at_home.*' => [Rule::in(['', '0', ...PlanTerms::TREATMENTS])],
            'home_minutes_limit' => ['nullable', 'integer', 'between:10,480'],
            'weekday_minutes' => ['array:' . implode(',', WeekTime::NAMES)],
            'weekday_minutes.*' => ['nullable', 'integer', $this->weekdayMinutes(...)],
            'trim_goal' => ['nullable', Rule::enum(TrimGoal::class)],
            'keeps_rhythm' => ['boolean'],
            'stock.*' => ['nullable', 'integer', 'between:0,100000'],
            'prices.*' => ['nullable', 'numeric', 'between:0,' . Money::MOST],
            'patch_test_until.*' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'away.*.from' => Words::say('refusals.plan-terms.away-from'),
            'away.*.until' => Words::say('refusals.plan-terms.away-until'),
            'salon_day_list.*' => Words::say('refusals.plan-terms.salon-day-list'),
            'home_minutes_limit' => Words::say('refusals.plan-terms.home-minutes-limit'),
            'weekday_minutes' => __('weekdays.wrong'),
            'weekday_minutes.*' => __('weekdays.wrong'),
            'trim_goal' => __('chair-work.goal.wrong'),
            'keeps_rhythm' => __('scalp.keeps-rhythm-wrong'),
            'stock.*' => Words::say('refusals.plan-terms.stock'),
            'prices.*' => Words::say('refusals.plan-terms.prices'),
            'patch_test_until.*' => Words::say('refusals.plan-terms.patch-test-until'),
        ]);
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $this->sayConflicts($validator);
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            if (count(array_keys((array) $this->input('weekday_minutes', []), 0, true)) === count(WeekTime::NAMES)) {
                $validator->errors()->add('weekday_minutes', Words::say('weekdays.none-left'));

                return;
            }
            try {
                /** @var Head $head */
                $head = $this->route('head');
                $this->season = app(StoredPlanTerms::class)->with($head, $this->changes());
            } catch (InvalidArgumentException $wrong) {
                foreach (explode("\n", $wrong->getMessage()) as $sentence) {
                    $validator->errors()->add('terms', $sentence);
                }
            }
        });
    }

    /** @param Closure(string): mixed $fail */
    private function weekdayMinutes(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_numeric($value) || ! WeekTime::isTime((int) $value)) {
            $fail(Words::say('weekdays.wrong'));
        }
    }

    /** @return array<string, mixed> */
    private function changes(): array
    {
        $given = fn (string $name): array => array_filter(
            (array) $this->input($name, []),
            fn (mixed $value): bool => $value !== null && $value !== '',
        );
        $salonDays = (array) $this->input('salon_day_list', []);

        return [
            'away' => array_map(
                fn (mixed $row): array => is_array($row) ? ['from' => $row['from'], 'until' => $row['until']] : [],
                (array) $this->input('away', []),
            ),
            'salon_days' => $salonDays === [] ? null : array_values($salonDays),
            'not_at_home' => array_values(array_filter(
                PlanTerms::TREATMENTS,
                fn (string $treatment): bool => in_array($treatment, (array) $this->input('not_at_home', []), true),
            )),
            'home_minutes_limit' => $this->input('home_minutes_limit'),
            'keeps_rhythm' => $this->boolean('keeps_rhythm') ? true : null,
            'weekday_minutes' => $given('weekday_minutes'),
            'trim_goal' => $this->string('trim_goal')->value() === '' ? null : $this->string('trim_goal')->value(),
            'stock' => $given('stock'),
            'prices' => $given('prices'),
            'patch_test_until' => $given('patch_test_until'),
        ];
    }

    /** @return array<string, mixed> */
    public function season(): array
    {
        return $this->season;
    }
}
