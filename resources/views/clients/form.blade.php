@php
    $part = fn ($zone, string $part) => $head?->zoneParts->first(fn ($stored) => $stored->zone === $zone->value && $stored->part === $part);
@endphp
<x-layout :title="$head ? __('intake.details-of', ['name' => $called($head->name)]) : __('intake.new')" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/clients.css') }}"><script type="module" src="{{ asset('js/screens/clients.js') }}"></script></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ __($head ? 'intake.details' : 'intake.new') }}</h1><p class="lead">{{ __($head ? 'intake.lead' : 'intake.lead-new') }}</p></div></header>
    <form method="post" action="{{ $head ? route('clients.update', $head) : route('clients.store') }}" novalidate class="intake" @unless ($head) data-cards data-left="{{ __('intake.left') }}" @if ($errors->isNotEmpty()) data-list @endif @endunless>
        <x-act/>
        @if ($head) @method('put') <x-seen :fields="$seen"/> @else @include('clients.questions') @endif
        @if ($head)<nav class="on-page" aria-label="{{ __('layout.on-this-page') }}">@foreach (['who', 'hair', 'water', 'scalp', 'method'] as $place)<a href="#{{ $place }}">{{ __("intake.{$place}") }}</a>@endforeach<a href="#notebook">{{ __('intake.notebook-still') }}</a></nav>@endif
        <div class="intake-more">
        <fieldset id="who">
            <legend>{{ __('intake.who') }}</legend>
            <div class="row">
                @if ($head)
                    <x-field name="name" :label="__('intake.fields.name')" :value="$head->name"/>
                    <x-field name="born_on" :label="__('intake.fields.born_on')" type="date" :value="$head->born_on?->format('Y-m-d')" :help="__('forms.born-help')"/>
                    <x-field name="guardian_name" :label="__('intake.fields.guardian_name')" :value="$head->guardian_name" :help="__('intake.help.guardian_name')"/>
                    <x-field name="consent_by" :label="__('intake.fields.consent_by')" :value="$head->consent_by"/>
                    <x-field name="email" :label="__('intake.fields.email')" mode="email" :value="$head->email"/>
                    <x-field name="phone" :label="__('intake.fields.phone')" mode="tel" :value="$head->phone"/>
                @endif
                <x-choice name="reminded_by" :label="__('intake.fields.reminded_by')" :options="__('intake.reminders')" :value="$head?->reminded_by ?? 'nobody'"/>
                <x-choice name="language" :label="__('messages.language.label')" :options="$languages" :value="$head?->language" :empty="__('messages.language.salon')"/>
                <x-field name="household" :label="__('intake.fields.household')" :value="$head?->household" :help="__('intake.help.household')"/>
            </div>
            @if ($head?->consent_on)
                <p class="note">{{ __($head->consent_by ? 'intake.consent-kept-by' : 'intake.consent-kept', ['day' => $dated($head->consent_on, 'j M Y'), 'by' => $head->consent_by]) }}</p>
            @elseif ($head)
                <x-tick name="consent" :label="__('intake.fields.consent')"/>
            @endif
        </fieldset>
        <fieldset id="hair">
            <legend>{{ __('intake.hair') }}</legend>
            <div class="row">
                @if ($head)
                    <x-field name="ring_mm" :label="__('intake.fields.ring_mm')" unit="mm" mode="decimal" :value="$head->ring_mm" :help="__('intake.help.ring_mm')"/>
                    <x-tick name="bends_without_ring" :label="__('intake.fields.bends_without_ring')" :checked="$head->bends_without_ring"/>
                @endif
                <x-field name="strand_um" :label="__('intake.fields.strand_um')" unit="µm" mode="decimal" :value="$head?->strand_um" :help="__('intake.help.strand_um')"/>
                @if ($head)
                    <x-choice name="strand" :label="__('intake.fields.strand')" :options="__('nagomi.strands')" :value="$head->zoneParts->first()?->strand ?? 'not-measured'"/>
                    <x-choice name="density" :label="__('intake.fields.density')" :options="__('nagomi.densities')" :value="$head->density ?? 'not-measured'"/>
                    <x-field name="length_cm" :label="__('intake.fields.length_cm')" unit="cm" mode="decimal" :value="$head->length_mm === null ? '' : $head->length_mm / 10" :help="__('intake.help.length_cm')"/>
                @endif
                <x-field name="sections" :label="__('intake.fields.sections')" mode="numeric" :value="$head?->sections" :help="__('forms.sections.help')"/>
                @foreach (['washing_sections', 'detangling_sections', 'styling_sections'] as $work)
                    <x-field :name="$work" :label="__('forms.fields.' . $work)" mode="numeric" :value="$head?->getAttribute($work)" :help="__($work === 'washing_sections' ? 'forms.sections.by-washing' : 'forms.sections.by-work')"/>
                @endforeach
            </div>
            <h3>{{ __('intake.porosity-title') }}</h3>
            <p class="how">{{ __('intake.porosity-how') }}</p>
            @if ($head)
                <div class="row">
                    <x-choice name="zones_are" :label="__('intake.fields.zones_are')" :options="__('intake.zones-are')" value="corrected"/>
                    <x-field name="zones_since" :label="__('intake.fields.zones_since')" type="date" :value="$salon->today()->format('Y-m-d')" :help="__('intake.help.zones_since')"/>
                </div>
            @endif
            <div class="row set-all" data-set-all hidden><span>{{ __('intake.set-all') }}</span>@foreach (__('nagomi.porosities') as $value => $words)<button type="button" class="button is-small" data-porosity="{{ $value }}">{{ $words }}</button>@endforeach</div>
            <div class="zones-grid">
                @foreach ($zones as $zone)
                    <div class="zone-row">
                        <strong>{{ __("nagomi.zones.{$zone->value}") }}</strong>
                        <x-choice :name="'zones[' . $zone->value . '][length]'" :label="__('intake.fields.length')" :options="__('nagomi.porosities')" :value="$part($zone, 'length')?->porosity ?? 'not-measured'"/>
                        <x-choice :name="'zones[' . $zone->value . '][root]'" :label="__('intake.fields.root')" :options="__('nagomi.porosities')" :value="$part($zone, 'root')?->porosity ?? ''" :empty="__('intake.same')"/>
                        <x-tick :name="'zones[' . $zone->value . '][treated]'" :label="__('intake.fields.treated')" :checked="$part($zone, 'length')?->chemically_treated ?? false"/>
                    </div>
                @endforeach
            </div>
            <div class="row">
                <x-words name="hair_history" :label="__('intake.fields.hair_history')" :value="$head?->hair_history"/>
                <x-words name="chemical_history" :label="__('intake.fields.chemical_history')" :value="$head?->chemical_history"/>
                <x-words name="goals" :label="__('intake.fields.goals')" :value="$head?->goals"/>
            </div>
            <div class="row">
                <x-field name="overloaded_on" :label="__('forms.overloaded.on')" type="date" :value="$head?->overloaded_on?->format('Y-m-d')" :help="__('forms.overloaded.help')"/>
                <x-field name="overloaded_by" :label="__('forms.overloaded.by')" :value="$head?->overloaded_by" :help="__('forms.overloaded.by-help')" class="wide"/>
            </div>
        </fieldset>
        <fieldset id="water">
            <legend>{{ __('intake.water') }}</legend>
            <div class="row">
                <x-field name="hardness_mg_per_l" :label="__('intake.fields.hardness_mg_per_l')" unit="mg/L CaCO₃" mode="decimal" :value="$head ? $head->hardness_mg_per_l : $salon->hardness_mg_per_l" :help="__('intake.help.hardness_mg_per_l')"/>
                <x-field name="humidity_percent" :label="__('intake.fields.humidity_percent')" unit="%" mode="decimal" :value="$head?->humidity_percent ?? $salon->humidity_percent"/>
                <x-choice name="styling_load" :label="__('intake.fields.styling_load')" :options="__('nagomi.loads')" :value="$head?->styling_load ?? 'not-measured'"/>
                @if ($head)<x-field name="wash_every_days" :label="__('intake.fields.wash_every_days')" :unit="__('intake.days')" mode="numeric" :value="$head->wash_every_days"/>@endif
                <x-field name="minutes_limit" :label="__('intake.fields.minutes_limit')" :unit="__('intake.minutes')" mode="numeric" :value="$head?->minutes_limit" :help="__('intake.help.minutes_limit', ['by-weekday' => __('weekdays.by-weekday')])"/>
            </div>
            <div class="row ticks">
                <x-tick name="swims" :label="__('intake.fields.swims')" :checked="$head?->swims ?? false"/>
                <x-tick name="protein_sensitive" :label="__('intake.fields.protein_sensitive')" :checked="$head?->protein_sensitive ?? false"/>
            </div>
        </fieldset>
        <fieldset id="scalp">
            <legend>{{ __('intake.scalp') }}</legend>
            <p class="how">{{ __('intake.scalp-how') }}</p>
            <div class="row ticks">
                <x-tick name="sore_scalp" :label="__('intake.fields.sore_scalp')" :checked="$head?->sore_scalp ?? false"/>
                <x-tick name="tender_edges" :label="__('intake.fields.tender_edges')" :checked="$head?->tender_edges ?? false"/>
                <x-tick name="red_sign" :label="__('intake.fields.red_sign')" :checked="$head?->red_sign ?? false"/>
                <x-tick name="asthma_or_pregnant" :label="__('intake.fields.asthma_or_pregnant')" :checked="$head?->asthma_or_pregnant ?? false"/>
            </div>
            <div class="row">
                <x-words name="allergies" :label="__('intake.fields.allergies')" :value="$head?->allergies"/>
                <x-words name="health_notes" :label="__('intake.fields.health_notes')" :value="$head?->health_notes"/>
            </div>
        </fieldset>
        <fieldset id="method">
            <legend>{{ __('intake.method') }}</legend>
            <details @if ($errors->has('method.*')) open @endif>
                <summary>{{ __('intake.method-how') }}</summary>
                <div class="row">
                    @foreach ($questions as $question)
                        @php([$words, $choices] = __("nagomi.method.{$question->value}"))
                        <x-choice :name="'method[' . $question->value . ']'" :label="$words" :options="$choices" :value="($head?->method ?? $salon->method)[$question->value] ?? $question->choices()[0]"/>
                    @endforeach
                </div>
            </details>
        </fieldset>
        <fieldset id="notebook">
            <legend>{{ __($head ? 'intake.notebook-still' : 'intake.notebook') }}</legend>
            <p class="how">{{ __('intake.notebook-how') }}</p>
            @for ($i = 0; $i < 5; $i++)
                <div class="row notebook">
                    <x-choice :name="'notebook[' . $i . '][what]'" :label="__('intake.fields.what')" :options="__('nagomi.notebook')" empty="—"/>
                    <x-field :name="'notebook[' . $i . '][date]'" :label="__('intake.fields.when')" type="date"/>
                    <x-field :name="'notebook[' . $i . '][millimetres]'" :label="__('intake.fields.millimetres')" unit="mm" mode="decimal" :help="__('intake.help.millimetres')"/>
                    <x-tick :name="'notebook[' . $i . '][approximate]'" :label="__('intake.fields.approximate')" :checked="true"/>
                </div>
            @endfor
        </fieldset>
        </div>
        <div class="save is-row">
            @unless ($head)<button type="button" class="button is-large" data-question-back hidden>{{ __('intake.back') }}</button>@endunless
            <button class="button is-strong is-large">{{ __($head ? 'intake.save' : 'intake.save-new') }}</button>
            @unless ($head)<button type="button" class="button is-large" data-question-next hidden>{{ __('intake.next') }}</button>@endunless
        </div>
    </form>
</x-layout>
