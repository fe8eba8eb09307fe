<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Head;
use App\Models\User;
use App\Pages\Clients\ClientForm;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\ProposedSections;
use Nagomi\Core\Head\SectionsByWork;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Parameters\Parameters;

/** The intake of a client, new or changed. */
final class ClientRequest extends FormRequest
{
    use MergesChanges;
    use Sentences;

    /** Where one work is not parted as the others. */
    private const SECTIONS = ['washing_sections', 'detangling_sections', 'styling_sections'];
    private const NUMBERS = [
        'length_cm', 'ring_mm', 'strand_um', 'sections', ...self::SECTIONS, 'hardness_mg_per_l', 'humidity_percent',
        'wash_every_days', 'minutes_limit',
    ];
    private const FLAGS = [
        'protein_sensitive', 'sore_scalp', 'red_sign', 'tender_edges', 'asthma_or_pregnant', 'swims',
        'bends_without_ring',
    ];

    protected function prepareForValidation(): void
    {
        $head = $this->route('head');
        if ($head instanceof Head) {
            $this->mergeWhatOthersChanged(
                app(ClientForm::class)->name($head),
                app(ClientForm::class)->fields($head->load('zoneParts')),
            );
        }
        $this->merge(array_map(TypedNumber::from(...), $this->only(self::NUMBERS)));
        // Rows of the notebook that were left empty are no rows.
        $rows = array_filter(
            (array) $this->input('notebook', []),
            fn (mixed $row): bool => is_array($row) && (($row['what'] ?? '') !== '' || ($row['date'] ?? '') !== ''),
        );
        $this->merge([
            'notebook' => array_map(
                fn (array $row): array => ['millimetres' => TypedNumber::from($row['millimetres'] ?? null)] + $row,
                $rows,
            ),
        ]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $today = $this->today()->format('Y-m-d');
        $rules = [
            ...ContactRequest::rulesOfContact(),
            'born_on' => ['nullable', 'date_format:Y-m-d', "before_or_equal:{$today}", 'after_or_equal:1900-01-01'],
            'guardian_name' => ['nullable', 'string', 'max:120'],
            'consent' => [$this->isMethod('post') ? 'accepted' : 'nullable'],
            'consent_by' => ['nullable', 'string', 'max:120'],
            'ring_mm' => ['nullable', 'numeric', 'between:1,80'],
            'strand_um' => ['nullable', 'numeric', 'between:20,160'],
            'strand' => ['required', Rule::enum(StrandDiameter::class)],
            'density' => ['required', 'in:low,medium,high,not-measured'],
            'length_cm' => ['nullable', 'numeric', 'between:1,200'],
            'sections' => ['nullable', 'integer', 'between:1,' . ProposedSections::MOST],
            ...array_fill_keys(self::SECTIONS, ['nullable', 'integer', 'between:1,' . SectionsByWork::MOST]),
            'hardness_mg_per_l' => ['nullable', 'numeric', 'between:0,1000'],
            'humidity_percent' => ['required', 'numeric', 'between:0,100'],
            'styling_load' => ['required', Rule::enum(StylingLoad::class)],
            'wash_every_days' => ['required', 'integer', 'between:2,35'],
            'minutes_limit' => ['nullable', 'integer', 'between:10,480'],
            'goals' => ['nullable', 'string', 'max:1000'],
            'hair_history' => ['nullable', 'string', 'max:1000'],
            'chemical_history' => ['nullable', 'string', 'max:1000'],
            'overloaded_on' => [
                'nullable',
                'date_format:Y-m-d',
                "before_or_equal:{$today}",
                'after_or_equal:1950-01-01',
            ],
            'overloaded_by' => ['nullable', 'string', 'max:200'],
            'allergies' => ['nullable', 'string', 'max:1000'],
            'health_notes' => ['nullable', 'string', 'max:1000'],
        ];
        return [...$rules, ...$this->notebookRules($today), ...$this->choiceRules()];
    }

    /** @return array<string, list<string>> of a changed head, and of what a paper notebook holds */
    private function notebookRules(string $today): array
    {
        return [
            'zones_are' => ['nullable', 'in:corrected,changed'],
            'zones_since' => [
                'nullable', 'required_if:zones_are,changed', 'date_format:Y-m-d', "before_or_equal:{$today}",
                'after_or_equal:1990-01-01',
            ],
            'notebook' => ['array', 'max:8'],
            'notebook.*.what' => ['required', 'in:' . implode(',', array_keys((array) trans('nagomi.notebook')))],
            'notebook.*.date' => [
                'required',
                'date_format:Y-m-d',
                "before_or_equal:{$today}",
                'after_or_equal:1990-01-01',
            ],
            'notebook.*.approximate' => ['nullable', 'boolean'],
            'notebook.*.millimetres' => ['nullable', 'numeric', 'between:0.5,1000'],
        ];
    }

    /** @return array<string, list<object|string>> of what is ticked and chosen */
    private function choiceRules(): array
    {
        $rules = [];
        foreach (self::FLAGS as $flag) {
            $rules[$flag] = ['nullable', 'boolean'];
        }
        foreach (Zone::cases() as $zone) {
            $rules["zones.{$zone->value}.length"] = ['required', Rule::enum(Porosity::class)];
            $rules["zones.{$zone->value}.root"] = ['nullable', Rule::enum(Porosity::class)];
            $rules["zones.{$zone->value}.treated"] = ['nullable', 'boolean'];
        }
        foreach (MethodQuestion::cases() as $question) {
            $rules["method.{$question->value}"] = ['nullable', Rule::in($question->choices())];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            ...ContactRequest::wordsOfContact(),
            'born_on' => Words::say('refusals.client.born-on'),
            'consent' => Words::say('refusals.client.consent'),
            'ring_mm' => Words::say('refusals.client.ring-mm'),
            'strand_um' => Words::say('refusals.client.strand-um'),
            'length_cm' => Words::say('refusals.client.length-cm'),
            'sections' => Words::say('forms.sections.wrong'),
            ...array_combine(self::SECTIONS, array_map(
                static fn (string $field): string => Words::say('forms.sections.by-work-wrong', [
                    'label' => Words::say("forms.fields.{$field}"), 'most' => SectionsByWork::MOST,
                ]),
                self::SECTIONS,
            )),
            'hardness_mg_per_l' => Words::say('refusals.client.hardness-mg-per-l'),
            'humidity_percent' => Words::say('refusals.shared.humidity-percent'),
            'wash_every_days' => Words::say('refusals.client.wash-every-days'),
            'minutes_limit' => Words::say('refusals.client.minutes-limit'),
            'goals' => Words::say('refusals.client.goals'),
            'hair_history' => Words::say('refusals.client.hair-history'),
            'chemical_history' => Words::say('refusals.client.chemical-history'),
            'overloaded_on' => Words::say('refusals.client.overloaded-on'),
            'overloaded_by' => Words::say('refusals.client.overloaded-by'),
            'allergies' => Words::say('refusals.client.allergies'),
            'health_notes' => Words::say('refusals.client.health-notes'),
            'notebook.*.what' => Words::say('refusals.client.notebook-what'),
            'notebook.*.date' => Words::say('refusals.client.notebook-date'),
            'notebook.*.millimetres' => Words::say('refusals.client.notebook-millimetres'),
            'zones_since' => Words::say('refusals.client.zones-since'),
            'zones.*.length' => Words::say('refusals.client.zones-length'),
        ]) + ContactRequest::wordsOfForms();
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $this->sayConflicts($validator);
            if ($validator->errors()->has('born_on')) {
                return;
            }
            $born = $this->string('born_on')->value();
            $minor = $born !== '' && CarbonImmutable::parse($born)->addYears(18)->greaterThan($this->today());
            if ($minor && trim($this->string('guardian_name')->value()) === '') {
                $validator->errors()->add('guardian_name', Words::say('refusals.client.guardian-name'));
            }
            foreach ((array) $this->input('notebook') as $i => $row) {
                if (is_array($row) && ($row['what'] ?? '') === 'trim' && ($row['millimetres'] ?? null) === null) {
                    $validator->errors()->add(
                        "notebook.{$i}.millimetres",
                        Words::say('refusals.client.millimetres'),
                    );
                }
            }
        });
    }

    /** @return list<ZonePart> */
    public function zoneParts(): array
    {
        $strand = $this->filled('strand_um')
            ? StrandDiameter::fromMicrometres($this->float('strand_um'))
            : StrandDiameter::from($this->string('strand')->value());
        $parts = [];
        foreach (Zone::cases() as $zone) {
            if ($this->filled("zones.{$zone->value}.root")) {
                $parts[] = new ZonePart(
                    $zone,
                    Part::Root,
                    Porosity::from($this->string("zones.{$zone->value}.root")->value()),
                    $strand,
                );
            }
            $parts[] = new ZonePart(
                $zone,
                Part::Length,
                Porosity::from($this->string("zones.{$zone->value}.length")->value()),
                $strand,
                $this->boolean("zones.{$zone->value}.treated"),
            );
        }

        return $parts;
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        $columns = ['name' => trim($this->string('name')->value())];
        $optional = [
            'born_on', 'guardian_name', 'consent_by', 'ring_mm', 'strand_um', 'density',
            'hardness_mg_per_l', 'humidity_percent', 'styling_load', 'wash_every_days', 'minutes_limit', 'goals',
            'hair_history', 'chemical_history', 'overloaded_on', 'overloaded_by', 'allergies', 'health_notes',
        ];
        foreach ($optional as $field) {
            $columns[$field] = $this->input($field);
        }
        foreach (self::SECTIONS as $field) {
            $columns[$field] = $this->filled($field) ? $this->integer($field) : null;
        }
        foreach (self::FLAGS as $flag) {
            $columns[$flag] = $this->boolean($flag);
        }
        foreach (['email', 'phone', 'household', 'language'] as $field) {
            $columns[$field] = $this->filled($field) ? trim($this->string($field)->value()) : null;
        }
        $columns['reminded_by'] = $this->string('reminded_by')->value() ?: 'nobody';
        $columns['length_mm'] = $this->filled('length_cm') ? (int) round(10 * $this->float('length_cm')) : null;
        $columns['sections'] = $this->filled('sections') ? $this->integer('sections') : ProposedSections::of(
            $columns['length_mm'],
            $this->string('density')->value(),
            $this->container->make(Parameters::class)->washDay,
        );
        // A ring that was measured is no bend without one.
        $columns['bends_without_ring'] = $this->boolean('bends_without_ring') && ! $this->filled('ring_mm');
        $columns['method'] = (new Method(
            array_intersect_key(
                array_filter((array) $this->input('method', []), is_string(...)),
                $this->stylist()->salon->method,
            ) + $this->stylist()->salon->method,
        ))->choices;

        return $columns;
    }

    public function today(): CarbonImmutable
    {
        return $this->stylist()->salon->today();
    }

    private function stylist(): User
    {
        /** @var User */
        return $this->user();
    }
}
