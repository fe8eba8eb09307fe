@php
    $part = fn ($zone, string $part) => $head?->zoneParts->first(fn ($stored) => $stored->zone === $zone->value && $stored->part === $part);
@endphp
<x-layout :title="$head ? 'Details of ' . $called($head->name) : 'New client'" :head="$head">
    <x-slot:scripts><script type="module" src="{{ asset('js/screens/clients.js') }}"></script></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ $head ? 'Details' : 'New client' }}</h1><p class="lead">What stays the same from week to week. Anything not known yet can wait: the Bench finds out.</p></div></header>
    <form method="post" action="{{ $head ? route('clients.update', $head) : route('clients.store') }}" novalidate class="intake">
        <x-act/>
        @if ($head) @method('put') <x-seen :fields="$seen"/> @endif
        <fieldset>
            <legend>Who</legend>
            <div class="row">
                <x-field name="name" label="Name" :value="$head?->name"/>
                <x-field name="born_on" label="Date of birth" type="date" :value="$head?->born_on?->format('Y-m-d')" :help="__('forms.born-help')"/>
                <x-field name="guardian_name" label="Guardian" :value="$head?->guardian_name" help="for a client under 18"/>
                <x-field name="consent_by" label="Consent given by" :value="$head?->consent_by"/>
                <x-field name="email" label="Mail" mode="email" :value="$head?->email"/>
                <x-field name="phone" label="Phone" mode="tel" :value="$head?->phone"/>
                <x-choice name="reminded_by" label="Reminders" :options="['nobody' => 'none', 'mail' => 'by mail', 'text' => 'by text']" :value="$head?->reminded_by ?? 'nobody'"/>
                <x-choice name="language" :label="__('messages.language.label')" :options="$languages" :value="$head?->language" :empty="__('messages.language.salon')"/>
                <x-field name="household" label="Household" :value="$head?->household" help="the same for all who come together"/>
            </div>
            @if ($head?->consent_on)
                <p class="note">Consent to keeping this record: {{ $head->consent_on->format('j M Y') }}{{ $head->consent_by ? ', ' . $head->consent_by : '' }}.</p>
            @else
                <x-tick name="consent" label="The client (or a guardian) agrees to this record being kept; health notes stay private."/>
            @endif
        </fieldset>
        <fieldset>
            <legend>Hair</legend>
            <div class="row">
                <x-field name="ring_mm" label="Ring diameter" unit="mm" mode="decimal" :value="$head?->ring_mm" help="a pencil is 7 mm; empty: not measured"/>
                <x-tick name="bends_without_ring" label="bends without a ring" :checked="$head?->bends_without_ring ?? false"/>
                <x-field name="strand_um" label="Strand" unit="µm" mode="decimal" :value="$head?->strand_um" help="if measured; else choose beside"/>
                <x-choice name="strand" label="Strand by feel" :options="__('nagomi.strands')" :value="$head?->zoneParts->first()?->strand ?? 'not-measured'"/>
                <x-choice name="density" label="Density" :options="__('nagomi.densities')" :value="$head?->density ?? 'not-measured'"/>
                <x-field name="length_cm" label="Length, stretched" unit="cm" mode="decimal" :value="$head?->length_mm === null ? '' : $head->length_mm / 10" help="empty: not measured"/>
                <x-field name="sections" label="Sections" mode="numeric" :value="$head?->sections" :help="__('forms.sections.help')"/>
                @foreach (['washing_sections', 'detangling_sections', 'styling_sections'] as $work)
                    <x-field :name="$work" :label="__('forms.fields.' . $work)" mode="numeric" :value="$head?->getAttribute($work)" :help="__($work === 'washing_sections' ? 'forms.sections.by-washing' : 'forms.sections.by-work')"/>
                @endforeach
            </div>
            <h3>Porosity by zone</h3>
            <p class="how">On clean hair: low is slow to wet and beads, high wets at once and dries fast. New growth only where it differs from the length.</p>
            @if ($head)
                <div class="row">
                    <x-choice name="zones_are" label="If zones change below" :options="['corrected' => 'they were always so: correct what was written', 'changed' => 'the hair has changed: keep what it was until this day']" value="corrected"/>
                    <x-field name="zones_since" label="Changed on" type="date" :value="$salon->today()->format('Y-m-d')" help="colour grown out, ends cut, another finding"/>
                </div>
            @endif
            <div class="row set-all" data-set-all hidden><span>Set all lengths:</span>@foreach (__('nagomi.porosities') as $value => $words)<button type="button" class="button is-small" data-porosity="{{ $value }}">{{ $words }}</button>@endforeach</div>
            <div class="zones-grid">
                @foreach ($zones as $zone)
                    <div class="zone-row">
                        <strong>{{ __("nagomi.zones.{$zone->value}") }}</strong>
                        <x-choice :name="'zones[' . $zone->value . '][length]'" label="Length" :options="__('nagomi.porosities')" :value="$part($zone, 'length')?->porosity ?? 'not-measured'"/>
                        <x-choice :name="'zones[' . $zone->value . '][root]'" label="New growth" :options="__('nagomi.porosities')" :value="$part($zone, 'root')?->porosity ?? ''" empty="same"/>
                        <x-tick :name="'zones[' . $zone->value . '][treated]'" label="coloured, bleached or relaxed" :checked="$part($zone, 'length')?->chemically_treated ?? false"/>
                    </div>
                @endforeach
            </div>
            <div class="row">
                <x-words name="hair_history" label="Hair history" :value="$head?->hair_history"/>
                <x-words name="chemical_history" label="Chemical history" :value="$head?->chemical_history"/>
                <x-words name="goals" label="Goals" :value="$head?->goals"/>
            </div>
            <div class="row">
                <x-field name="overloaded_on" :label="__('forms.overloaded.on')" type="date" :value="$head?->overloaded_on?->format('Y-m-d')" :help="__('forms.overloaded.help')"/>
                <x-field name="overloaded_by" :label="__('forms.overloaded.by')" :value="$head?->overloaded_by" :help="__('forms.overloaded.by-help')" class="wide"/>
            </div>
        </fieldset>
        <fieldset>
            <legend>Water, air and rhythm</legend>
            <div class="row">
                <x-field name="hardness_mg_per_l" label="Water hardness" unit="mg/L CaCO₃" mode="decimal" :value="$head ? $head->hardness_mg_per_l : $salon->hardness_mg_per_l" help="1 grain/US gal is 17.1 mg/L; empty: not measured"/>
                <x-field name="humidity_percent" label="Usual humidity" unit="%" mode="decimal" :value="$head?->humidity_percent ?? $salon->humidity_percent"/>
                <x-choice name="styling_load" label="Styling load" :options="__('nagomi.loads')" :value="$head?->styling_load ?? 'not-measured'"/>
                <x-field name="wash_every_days" label="Wash day every" unit="days" mode="numeric" :value="$head?->wash_every_days ?? 7"/>
                <x-field name="minutes_limit" label="Longest wash day" unit="minutes" mode="numeric" :value="$head?->minutes_limit" :help="'empty: no limit; ' . __('weekdays.by-weekday')"/>
            </div>
            <div class="row ticks">
                <x-tick name="swims" label="Swims (pool or sea)" :checked="$head?->swims ?? false"/>
                <x-tick name="protein_sensitive" label="Protein-sensitive" :checked="$head?->protein_sensitive ?? false"/>
            </div>
        </fieldset>
        <fieldset>
            <legend>Scalp and health</legend>
            <p class="how">Private, kept encrypted. Not medical advice: what is sore, sudden or patchy is for a clinician.</p>
            <div class="row ticks">
                <x-tick name="sore_scalp" label="Sore or tender scalp: no heat, no strong cleansing" :checked="$head?->sore_scalp ?? false"/>
                <x-tick name="tender_edges" label="Tender edges or bumps" :checked="$head?->tender_edges ?? false"/>
                <x-tick name="red_sign" label="Broken or weeping skin, sudden or patchy loss, pain: refer first" :checked="$head?->red_sign ?? false"/>
                <x-tick name="asthma_or_pregnant" label="Asthma, pregnant or newly a mother" :checked="$head?->asthma_or_pregnant ?? false"/>
            </div>
            <div class="row">
                <x-words name="allergies" label="Allergies" :value="$head?->allergies"/>
                <x-words name="health_notes" label="Health notes" :value="$head?->health_notes"/>
            </div>
        </fieldset>
        <fieldset>
            <legend>Method</legend>
            <details @if ($errors->has('method.*')) open @endif>
                <summary>By the house; open to change a question for this client</summary>
                <div class="row">
                    @foreach ($questions as $question)
                        @php([$words, $choices] = __("nagomi.method.{$question->value}"))
                        <x-choice :name="'method[' . $question->value . ']'" :label="$words" :options="$choices" :value="($head?->method ?? $salon->method)[$question->value] ?? $question->choices()[0]"/>
                    @endforeach
                </div>
            </details>
        </fieldset>
        <fieldset>
            <legend>What the old notebook {{ $head ? 'still knows' : 'knew' }}</legend>
            <p class="how">The last of each, as far as it is known; an approximate date counts with more doubt. Empty rows are left out.</p>
            @for ($i = 0; $i < 5; $i++)
                <div class="row notebook">
                    <x-choice :name="'notebook[' . $i . '][what]'" label="What" :options="__('nagomi.notebook')" empty="—"/>
                    <x-field :name="'notebook[' . $i . '][date]'" label="When" type="date"/>
                    <x-field :name="'notebook[' . $i . '][millimetres]'" label="Cut" unit="mm" mode="decimal" help="trims only"/>
                    <x-tick :name="'notebook[' . $i . '][approximate]'" label="about then" :checked="true"/>
                </div>
            @endfor
        </fieldset>
        <div class="save"><button class="button is-strong is-large">{{ $head ? 'Save' : 'Put in the book' }}</button></div>
    </form>
</x-layout>
