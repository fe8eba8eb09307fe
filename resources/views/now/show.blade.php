<x-layout :title="$called($head->name)" :head="$head">
    <x-slot:scripts><script type="module" src="{{ asset('js/screens/now.js') }}"></script></x-slot:scripts>
    <header class="head-head">
        <x-portrait :head="$head" class="is-large"/>
        <div class="head-title">
            <h1>{{ $called($head->name) }}</h1>
            <p>
                {{ implode(' · ', $measured->said) }}
                @if ($measured->missing !== [])<span class="reason">{{ __('nagomi.traits.missing', ['traits' => implode(', ', $measured->missing)]) }}</span>@endif
            </p>
            <p>
                @if (count($outlook->standing) > 1)@foreach ($outlook->standing as $stratum){{ $loop->first ? '' : '; ' }}{{ $stratum['name'] }} <strong>{{ __("nagomi.porosities.{$stratum['porosity']}") }}</strong>@endforeach porosity · @endif
                <a href="{{ route('clients.edit', $head) }}">details</a>
                · <a href="{{ route('clients.record', $head) }}" download>care record</a>
                · <a href="{{ route('clients.plan.calendar', $head) }}" download>calendar</a>
            </p>
        </div>
        <div class="verdict">
            @if ($limits !== null)<p class="limits-words">{{ $limits }}</p>@endif
            <p class="verdict-words">{{ $outlook->verdict }}</p>
            @unless ($notReadYet)<x-cells :cells="$outlook->cells"/>@endunless
        </div>
    </header>

    @if ($cautions !== [])
        <details class="cautions" @if ($head->red_sign || $head->sore_scalp) open @endif>
            <summary>{{ count($cautions) }} {{ count($cautions) === 1 ? 'caution' : 'cautions' }} for this head</summary>
            <ul>
                @foreach ($cautions as $caution)
                    <li>{{ $caution->sentence() }}@if ($caution->value === 'allergies') <strong>{{ $head->allergies }}</strong>@endif</li>
                @endforeach
            </ul>
            <p>Not medical advice: local board rules and licensed practice come first.</p>
            @foreach (['red' => [$head->red_sign, 'the sign for a clinician'], 'sore' => [$head->sore_scalp, 'the sore scalp']] as $sign => [$raised, $words])
                @if ($raised && ! collect($unlooked)->contains('sign', $sign))
                    <form method="post" action="{{ route('clients.safety-flags.clear', $head) }}" class="asks" novalidate>
                        <x-act/> @method('put')
                        <input type="hidden" name="sign" value="{{ $sign }}">
                        <x-field name="cleared_by" :label="'Who cleared ' . $words"/>
                        <x-field name="cleared_on" label="On" type="date"/>
                        <button class="button">Clear it</button>
                    </form>
                @endif
            @endforeach
        </details>
    @endif

    @php($told = array_filter([
        'overloaded' => implode(', ', array_filter([$head->overloaded_on?->format('M Y'), $head->overloaded_by])),
        ...$head->only(['goals', 'hair_history', 'chemical_history', 'health_notes']),
    ]))
    @if ($told !== [])
        <details class="heard">
            <summary>{{ __('forms.told.title') }}</summary>
            <dl>@foreach ($told as $field => $words)<dt>{{ __("forms.told.{$field}") }}</dt><dd>{{ $words }}</dd>@endforeach</dl>
        </details>
    @endif

    @if ($cleared->isNotEmpty())
        <p class="note">@foreach ($cleared as $clearance){{ $clearance->sign === 'red' ? 'Referred' : 'Sore scalp' }} {{ $clearance->raised_on->format('j M Y') }}, cleared by {{ $clearance->cleared_by }} on {{ $clearance->cleared_on?->format('j M Y') }}. @endforeach</p>
    @endif

    <x-scalp :head="$head" :raised="$unlooked" picture judges/>

    <x-river :river="$river" :verdict="$outlook->verdict"/>

    @if ($own || $length)<p class="note">@if ($own)<strong>Its own ways.</strong> {{ $own }}. @endif{{ $length }}</p>@endif

    <div class="three">
        <section aria-labelledby="next">
            <h2 id="next">Next</h2>
            <ol class="items">
                @foreach ($items as $item)
                    <li>
                        <strong class="when">{{ $item->date->lessThanOrEqualTo($today) ? 'today' : $item->date->format('j M') }}</strong>
                        <div>
                            <p><strong>@steps($item->steps)</strong>@if ($item->look) <span class="tag-look">read first</span>@endif</p>
                            @foreach ($reasons[$item->id] as $reason)<p class="reason">{{ $reason }}</p>@endforeach
                            @foreach ($item->broken as $rule)<p class="reason is-broken">{{ $item->by_hand ? 'Set by hand against a rule' : 'Breaks a rule, nothing else was open' }}: {{ $rule }}</p>@endforeach
                        </div>
                        <span class="minutes">{{ (int) round($item->minutes) }} min</span>
                    </li>
                @endforeach
            </ol>
            <x-chair-work :head="$head"/>
            <p class="more">
                <a class="button" href="{{ route('clients.plan', $head) }}">All twelve weeks</a>
                <a class="button is-strong" href="{{ route('clients.wash-days', $head) }}">{{ $washedToday ? 'Another wash day' : 'Book what was done' }}</a>
            </p>
        </section>
        <section aria-labelledby="zones">
            <h2 id="zones">Zones</h2>
            <x-head-map :map="$map"/>
            @foreach ($findings as $finding)
                @if ($finding['differs'])
                    <form method="post" action="{{ route('clients.zones.take', [$head, $finding['zone']]) }}" class="finding"><x-act/>
                        <p class="reason">The {{ __("nagomi.zones.{$finding['zone']}") }} tests {{ $finding['found'] }} ({{ (int) round(100 * $finding['certainty']) }} %), written {{ $finding['written'] }}.</p>
                        <button class="button is-small">Take it over</button>
                    </form>
                @else
                    <p class="reason">{{ ucfirst(__("nagomi.zones.{$finding['zone']}")) }} tests {{ $finding['found'] }}, {{ (int) round(100 * $finding['certainty']) }} %.</p>
                @endif
            @endforeach
        </section>
        <section aria-labelledby="signs">
            <h2 id="signs">Signs</h2>
            @if ($signs !== [])
                <fieldset class="yardsticks">
                    <legend>{{ __('yardsticks.beside') }}</legend>
                    @foreach (__('yardsticks.names') as $name => $words)
                        <label><input type="radio" name="yardstick" value="{{ $name }}" @checked($name === $yardstick)> {{ $words }}</label>
                    @endforeach
                </fieldset>
                <ul class="signs">
                    @foreach ($signs as $sign)
                        <li>
                            <div>
                                <p><strong class="figure">{{ $sign->value }}</strong> {{ $sign->unit }} {{ $sign->name }}</p>
                                @if ($sign->again)<p class="reason is-broken">{{ ucfirst($sign->again) }}</p>@endif
                                <p class="reason">
                                    @foreach ($sign->beside as $name => $words)<span @class(['beside', 'is-broken' => $name === 'usual' && $sign->changed]) data-yardstick="{{ $name }}">{{ $words }}</span>@endforeach
                                    · @day($sign->date, 'j M')
                                </p>
                            </div>
                            <x-spark :series="$sign->series" :bands="$sign->bands"/>
                        </li>
                    @endforeach
                </ul>
            @else
                <div class="empty"><p>Nothing was read yet, so all of this is assumed from the intake. <a href="{{ route('clients.hair-tests', $head) }}">Take the first readings</a>: five tests, about six minutes.</p></div>
            @endif
            <p class="more"><a class="button" href="{{ route('clients.hair-tests', $head) }}">To the hair tests</a></p>
        </section>
    </div>
</x-layout>
