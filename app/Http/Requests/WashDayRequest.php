<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Head;
use App\Models\User;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;
use Nagomi\Core\WashDay\DoubtfulMinutes;

/** What was done on a wash day, step by step in the usual order. */
final class WashDayRequest extends FormRequest
{
    use Sentences;

    private const MINUTES = [
        'pre_wash_minutes', 'protein_minutes', 'conditioning_minutes', 'detangle_minutes', 'trim_mm',
    ];

    protected function prepareForValidation(): void
    {
        $this->merge(array_map(TypedNumber::from(...), $this->only(self::MINUTES)));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();
        $today = $user->salon->today()->format('Y-m-d');

        return [
            'date' => ['required', 'date_format:Y-m-d', "before_or_equal:{$today}", 'after_or_equal:1990-01-01'],
            'place' => ['required', Rule::enum(Place::class)],
            'pre_wash' => ['nullable', 'in:oil,conditioner,mix'],
            'pre_wash_minutes' => ['nullable', 'numeric', 'between:0.5,720'],
            'cleanse' => ['nullable', Rule::enum(CleanseKind::class)],
            'passes' => ['nullable', 'integer', 'between:1,3'],
            'protein' => ['nullable', 'in:mild-protein,strong-protein'],
            'protein_minutes' => ['nullable', 'required_with:protein', 'numeric', 'between:0.5,720'],
            'conditioning' => ['nullable', 'in:conditioner,mask'],
            'conditioning_minutes' => ['nullable', 'required_with:conditioning', 'numeric', 'between:0.5,720'],
            'heat' => ['nullable', 'boolean'],
            'detangle_minutes' => ['nullable', 'numeric', 'between:0.5,720'],
            'tool' => ['nullable', 'required_with:detangle_minutes', 'in:fingers,comb,brush'],
            'detangling' => ['required', 'in:wet-with-slip,wet-without,dry-with-oil,dry-without'],
            'leave_in' => ['nullable', 'boolean'],
            'seal' => ['nullable', 'boolean'],
            'trim_mm' => ['nullable', 'numeric', 'between:0.5,1000'],
            'heat_tool' => ['nullable', 'in:medium,high'],
            'up_style' => ['nullable', 'in:loose,tight'],
            'swim' => ['nullable', 'in:pool,sea'],
            'wetting' => ['nullable', 'boolean'],
            'chemical' => ['nullable', 'boolean'],
            ...array_fill_keys(
                ['cleanse_product', 'protein_product', 'conditioning_product', 'leave_in_product'],
                ['nullable', 'string', 'max:120'],
            ),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $minutes = fn (string $what): string => Words::say("refusals.wash-day.{$what}");

        return $this->forEveryRule([
            'date' => Words::say('refusals.shared.date'),
            'pre_wash_minutes' => $minutes('pre-wash'),
            'protein_minutes' => $minutes('protein'),
            'conditioning_minutes' => $minutes('conditioning'),
            'detangle_minutes' => $minutes('detangle'),
            'tool' => $minutes('tool'),
            'trim_mm' => Words::say('refusals.wash-day.trim-mm'),
        ]);
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isEmpty()) {
                $this->askOnceMore($validator);
            }
            if ($validator->errors()->isEmpty() && $this->steps() === []) {
                $validator->errors()->add('steps', Words::say('refusals.wash-day.steps'));
            }
        });
    }

    /** Minutes far from any usual are taken in when they come again after they were asked about. */
    private function askOnceMore(Validator $validator): void
    {
        $head = $this->route('head');
        $minutes = $this->container->make(Parameters::class)->washDay;
        $asked = (array) $this->input('asked', []);
        $marks = [];
        $sections = $head instanceof Head ? $head->sections : 1;
        foreach ($this->steps() as $step) {
            $usual = DoubtfulMinutes::usual($step->kind, $sections, $minutes);
            $field = [
                'detangle' => 'detangle_minutes',
                'mask' => 'conditioning_minutes',
                'conditioner' => 'conditioning_minutes',
            ][$step->kind->value]
                ?? 'protein_minutes';
            $took = $step->minutes;
            if ($usual === null || $took === null || ! DoubtfulMinutes::are($took, $usual, $minutes)) {
                continue;
            }
            $marks[] = $mark = "{$field}={$step->minutes}";
            if (! in_array($mark, $asked, true)) {
                $validator->errors()->add(
                    $field,
                    Words::say(
                        'wash.doubtful-typed',
                        [
                            'what' => Words::say("wash.steps.{$step->kind->value}"),
                            'minutes' => $step->minutes,
                            'usual' => (int) round($usual),
                        ],
                    ),
                );
            }
        }
        $this->session()->flash('asked', $marks);
    }

    public function washDay(): WashDay
    {
        return new WashDay(
            strtolower((string) Str::ulid()),
            Calendar::dayOf($this->date('date', 'Y-m-d') ?? now()),
            $this->steps(),
            Place::from($this->string('place')->value()),
        );
    }

    /** @return list<Step> */
    private function steps(): array
    {
        $text = fn (string $field): string => $this->string($field)->value();
        $product = fn (string $step): ?string => $this->filled("{$step}_product") ? $text("{$step}_product") : null;

        return array_values(array_filter([
            $this->filled('swim') ? new Step(StepKind::Swim, how: $text('swim')) : null,
            $this->boolean('wetting') ? new Step(StepKind::Wetting) : null,
            $this->filled('pre_wash')
                ? new Step(
                    StepKind::PreWash,
                    $this->filled('pre_wash_minutes') ? $this->float('pre_wash_minutes') : null,
                    how: $text('pre_wash'),
                )
                : null,
            $this->cleanse($product('cleanse')),
            $this->filled('protein')
                ? new Step(
                    StepKind::from($text('protein')),
                    $this->float('protein_minutes'),
                    product: $product('protein'),
                )
                : null,
            $this->filled('conditioning')
                ? new Step(
                    StepKind::from($text('conditioning')),
                    $this->float('conditioning_minutes'),
                    $this->boolean('heat'),
                    product: $product('conditioning'),
                )
                : null,
            $this->detangled(),
            $this->boolean('leave_in') ? new Step(StepKind::LeaveIn, product: $product('leave_in')) : null,
            $this->boolean('seal') ? Step::seal() : null,
            $this->boolean('chemical') ? new Step(StepKind::ChemicalService) : null,
            $this->filled('heat_tool') ? new Step(StepKind::HeatTool, how: $text('heat_tool')) : null,
            $this->filled('up_style') ? new Step(StepKind::UpStyle, how: $text('up_style')) : null,
            $this->filled('trim_mm') ? new Step(StepKind::Trim, millimetres: $this->float('trim_mm')) : null,
        ]));
    }

    /** Without minutes where nobody looked at the clock. */
    private function detangled(): ?Step
    {
        return $this->filled('tool')
            ? new Step(
                StepKind::Detangle,
                $this->filled('detangle_minutes') ? $this->float('detangle_minutes') : null,
                how: $this->string('detangling')->value(),
                tool: $this->string('tool')->value(),
            )
            : null;
    }

    private function cleanse(?string $product): ?Step
    {
        return $this->filled('cleanse')
            ? new Step(
                StepKind::Cleanse,
                cleanse: CleanseKind::from($this->string('cleanse')->value()),
                passes: max(1, $this->integer('passes')),
                product: $product,
            )
            : null;
    }
}
