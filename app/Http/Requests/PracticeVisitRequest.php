<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Practice\BeliefCells;
use App\Bridge\Practice\PlayedLife;
use App\Bridge\Practice\ShelfBottles;
use App\Wording\Words;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Treatments\CleanseKind;

/** What is decided at a practice visit: what is thought, what is done today, what is to be done at home. */
final class PracticeVisitRequest extends FormRequest
{
    use Sentences;

    private const NUMBERS = [
        'mask_minutes', 'home_every', 'home_mask_every', 'home_mask_minutes', 'home_protein_every',
        'home_clarify_every',
    ];

    protected function prepareForValidation(): void
    {
        $typed = [];
        foreach (self::NUMBERS as $name) {
            $typed[$name] = TypedNumber::from($this->input($name));
        }
        $this->merge($typed);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $atHome = ['exclude_if:at_home,0'];
        $today = ['exclude_if:wash,0'];

        return [
            'turn' => ['required', 'integer', 'between:0,' . (PlayedLife::VISITS - 1)],
            'sure' => ['required', 'array'],
            'sure.*' => ['required', 'integer', 'between:0,' . BeliefCells::MOST],
            'porosity' => ['nullable', Rule::in(array_map(
                static fn (Porosity $kind): string => $kind->value,
                Porosity::kinds(),
            ))],
            'wash' => ['required', 'boolean'],
            'cleanse' => [...$today, 'required', Rule::enum(CleanseKind::class)],
            'passes' => [...$today, 'required', 'integer', 'between:1,2'],
            'pre_wash' => [...$today, 'nullable', 'in:oil,conditioner'],
            'protein' => [...$today, 'nullable', 'in:mild-protein,strong-protein'],
            'mask_minutes' => [...$today, 'nullable', 'numeric', 'between:1,120'],
            'mask_bottle' => [...$today, 'nullable', Rule::in(array_keys(ShelfBottles::for('mask')))],
            'protein_bottle' => [...$today, 'nullable', Rule::in(array_keys(ShelfBottles::for('mild-protein')))],
            'heat' => ['nullable', 'boolean'],
            'scalp_oil' => ['nullable', 'boolean'],
            'at_home' => ['required', 'boolean'],
            'home_every' => [...$atHome, 'required', 'integer', 'between:2,28'],
            'home_cleanse' => [...$atHome, 'required', Rule::enum(CleanseKind::class)],
            'home_mask_every' => [...$atHome, 'nullable', 'integer', 'between:0,9'],
            'home_mask_minutes' => [...$atHome, 'nullable', 'numeric', 'between:1,120'],
            'home_mask_bottle' => [...$atHome, 'nullable', Rule::in(array_keys(ShelfBottles::for('mask')))],
            'home_protein_every' => [...$atHome, 'nullable', 'integer', 'between:0,9'],
            'home_clarify_every' => [...$atHome, 'nullable', 'integer', 'between:0,9'],
            'home_oil' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $says = static fn (string $key): string => Words::say("practice.wrong.{$key}");

        return $this->forEveryRule([
            'turn' => $says('over'), 'sure' => $says('sure'), 'sure.*' => $says('sure'),
            'porosity' => $says('porosity'), 'wash' => $says('wash'), 'at_home' => $says('wash'),
            'cleanse' => $says('cleanse'), 'passes' => $says('passes'), 'pre_wash' => $says('choose'),
            'protein' => $says('choose'), 'mask_minutes' => $says('mask-minutes'), 'heat' => $says('choose'),
            'mask_bottle' => $says('choose'), 'protein_bottle' => $says('choose'),
            'home_mask_bottle' => $says('choose'), 'scalp_oil' => $says('choose'), 'home_oil' => $says('choose'),
            'home_every' => $says('every'),
            'home_cleanse' => $says('cleanse'), 'home_mask_every' => $says('so-manieth'),
            'home_mask_minutes' => $says('mask-minutes'), 'home_protein_every' => $says('so-manieth'),
            'home_clarify_every' => $says('so-manieth'),
        ]);
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && BeliefCells::belief($this->weights()) === null) {
                $validator->errors()->add('sure', Words::say('practice.wrong.nothing-likely'));
            }
        }];
    }

    /** @return StoredPlayedVisit */
    public function visit(): array
    {
        return [
            'belief' => BeliefCells::belief($this->weights()) ?? [],
            'porosity' => $this->orNull('porosity'),
            'today' => ! $this->boolean('wash') ? null : [
                'cleanse' => $this->string('cleanse')->value(), 'passes' => $this->integer('passes'),
                'pre_wash' => $this->orNull('pre_wash'), 'protein' => $this->orNull('protein'),
                'mask_minutes' => $this->filled('mask_minutes') ? $this->float('mask_minutes') : null,
                'heat' => $this->boolean('heat'), 'scalp_oil' => $this->boolean('scalp_oil'),
                'mask_bottle' => $this->orNull('mask_bottle'), 'protein_bottle' => $this->orNull('protein_bottle'),
            ],
            'home' => ! $this->boolean('at_home') ? null : [
                'every' => $this->integer('home_every'), 'cleanse' => $this->string('home_cleanse')->value(),
                'mask_every' => $this->integer('home_mask_every'),
                'mask_minutes' => $this->filled('home_mask_minutes') ? $this->float('home_mask_minutes') : 15.0,
                'protein_every' => $this->integer('home_protein_every'),
                'clarify_every' => $this->integer('home_clarify_every'), 'oil' => $this->boolean('home_oil'),
                'mask_bottle' => $this->orNull('home_mask_bottle'),
            ],
        ];
    }

    /** @return array<string, int> how likely each cell is thought beside the others, by its name in the form */
    private function weights(): array
    {
        $weights = [];
        foreach ((array) $this->input('sure') as $cell => $weight) {
            $weights[(string) $cell] = is_numeric($weight) ? (int) $weight : 0;
        }

        return $weights;
    }

    private function orNull(string $name): ?string
    {
        return $this->filled($name) ? $this->string($name)->value() : null;
    }
}
