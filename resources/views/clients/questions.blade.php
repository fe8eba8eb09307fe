{{-- A new client in nine questions, one a card; without scripts all stand below each other. --}}
<div class="walk-bar" data-questions-bar hidden>
    <p><span class="walk-left" data-questions-left></span><button type="button" class="button is-small" data-questions-all data-all="{{ __('intake.all') }}" data-one="{{ __('intake.one-by-one') }}">{{ __('intake.all') }}</button></p>
    <ol class="walk">@foreach (__('intake.questions') as $of => $question)<li><a href="#question-{{ $of }}" data-question-to="{{ $of }}"><span class="sr-only">{{ $question }}</span></a></li>@endforeach</ol>
</div>
@foreach (__('intake.questions') as $of => $question)
    <fieldset class="card question" id="question-{{ $of }}" data-question="{{ $of }}">
        <legend>{{ $question }}</legend>
        @if (is_string($how = __('intake.how')[$of] ?? null))<p class="how">{{ $how }}</p>@endif
        @switch ($of)
            @case ('name')
                <x-field name="name" :label="__('intake.fields.name')"/>
                @break
            @case ('reach')
                <div class="row"><x-field name="phone" :label="__('intake.fields.phone')" mode="tel"/><x-field name="email" :label="__('intake.fields.email')" mode="email"/></div>
                @break
            @case ('consent')
                <x-tick name="consent" :label="__('intake.fields.consent')"/>
                <div class="row">
                    <x-field name="born_on" :label="__('intake.fields.born_on')" type="date" :help="__('forms.born-help')"/>
                    <x-field name="guardian_name" :label="__('intake.fields.guardian_name')" :help="__('intake.help.guardian_name')"/>
                    <x-field name="consent_by" :label="__('intake.fields.consent_by')"/>
                </div>
                @break
            @case ('curl')
                <div class="curl-gauge" data-gauge hidden>
                    <div class="gauge-rings" data-gauge-rings role="group" aria-label="{{ __('intake.card.rings') }}" data-ring="{{ __('intake.card.ring') }}"></div>
                    <details><summary>{{ __('intake.card.open') }}</summary>
                        <p class="how">{{ __('intake.card.fit') }}</p>
                        <label class="label" for="gauge-width">{{ __('intake.card.width') }}</label>
                        <input type="range" id="gauge-width" min="200" max="700" step="1" data-gauge-width>
                        <div class="gauge-card" data-gauge-card><span>{{ __('intake.card.frame') }}</span></div>
                    </details>
                </div>
                <div class="row">
                    <x-field name="ring_mm" :label="__('intake.fields.ring_mm')" unit="mm" mode="decimal" :help="__('intake.help.ring_mm')"/>
                    <x-tick name="bends_without_ring" :label="__('intake.fields.bends_without_ring')"/>
                </div>
                @break
            @case ('strand')
                <x-buttons name="strand" :label="__('intake.fields.strand')" :options="collect(__('nagomi.strands'))->except('unread')" value="not-measured"/>
                @break
            @case ('density')
                <x-buttons name="density" :label="__('intake.fields.density')" :options="collect(__('nagomi.densities'))->except('unread')" value="not-measured"/>
                @break
            @case ('porosity')
                <div class="points" data-set-all hidden><span class="label">{{ __('intake.fields.porosity') }}</span><div class="points-row">@foreach (collect(__('nagomi.porosities'))->except('unread') as $value => $words)<button type="button" class="button is-answer" data-porosity="{{ $value }}" aria-pressed="{{ $value === 'not-measured' ? 'true' : 'false' }}">{{ $words }}</button>@endforeach</div></div>
                @break
            @case ('length')
                <x-field name="length_cm" :label="__('intake.fields.length_cm')" unit="cm" mode="decimal" :help="__('intake.help.length_cm')"/>
                @break
            @case ('rhythm')
                <div class="points" data-days hidden><div class="points-row">@foreach ([3, 4, 5, 7, 10, 14] as $days)<button type="button" class="button is-answer" data-days-of="{{ $days }}">{{ __('intake.days-of', ['days' => $days]) }}</button>@endforeach</div></div>
                <x-field name="wash_every_days" :label="__('intake.fields.wash_every_days')" :unit="__('intake.days')" mode="numeric" value="7"/>
                @break
        @endswitch
    </fieldset>
@endforeach
