<x-layout :title="$called($head->name)" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/now.css') }}"><script type="module" src="{{ asset('js/screens/now.js') }}"></script></x-slot:scripts>
    <header class="now-head">
        <h1>{{ $called($head->name) }}</h1>
        <p>
            @foreach ($measured->said as $trait){{ $loop->first ? '' : ' · ' }}{{ $trait }}@endforeach
            @if (count($outlook->standing) > 1)@foreach ($outlook->standing as $stratum){{ $loop->first && $measured->said === [] ? '' : ' · ' }}{{ __(in_array($stratum['porosity'], ['not-measured', 'unread'], true) ? 'now.porosity-unknown' : 'now.porosity-of', ['part' => $stratumName($stratum['name']), 'porosity' => __("nagomi.porosities.{$stratum['porosity']}")]) }}@endforeach @endif
            @if ($measured->missing !== []){{ $measured->said === [] && count($outlook->standing) < 2 ? '' : ' · ' }}<span class="reason">{{ __('nagomi.traits.missing', ['traits' => implode(', ', $measured->missing)]) }}</span>@endif
            · <a href="{{ route('clients.edit', $head) }}">{{ __('now.details') }}</a>
            @reaches('clients.record')· <a href="{{ route('clients.record', $head) }}" download>{{ __('now.record') }}</a>@endreaches
            · <a href="{{ route('clients.plan.calendar', $head) }}" download>{{ __('now.calendar') }}</a>
        </p>
    </header>

    <div @class(['now-top', 'has-much-care' => $notReadYet && count($cautions) > 2])>
        <section class="card now-act" aria-labelledby="next">
            <p class="card-kicker">{{ $next->when }}@if ($next->booked !== '') · {{ $next->booked }}@endif @if ($washedToday) · {{ __('now.washed-today') }}@endif</p>
            @if ($next->leftOpen !== '')<p class="caution-line">{{ __('now.left-open', ['day' => $next->leftOpen]) }}</p>@endif
            <h2 id="next">@if ($next->item)@steps($next->item->steps)@else{{ __('now.nothing') }}@endif</h2>
            @if ($limits !== null)<p class="limits-words">{{ $limits }}</p>@endif
            <p class="verdict-words">@said($outlook->verdict)</p>
            @if ($next->item === null)<p>{{ __('now.nothing-why') }}</p>@endif
            @foreach (array_slice($next->reasons, 0, 2) as $reason)<p>{{ $reason }}</p>@endforeach
            @foreach ($next->item ? $brokenBy($next->item, $head) : [] as $sentence)<p class="is-broken">{{ $sentence }}</p>@endforeach
            @if ($telling !== [])
                <ul class="results" aria-label="{{ __('now.readings') }}">@foreach ($telling as $sign)<x-result :sign="$sign"/>@endforeach</ul>
            @else<p class="reason">{{ __('now.readings-none') }}</p>@endif
            @foreach ($next->barred as $barred)<p class="now-not"><strong>{{ $barred['what'] }}</strong> {{ $barred['because'] }}</p>@endforeach
            <p class="more">
                @if ($next->running)<a class="button is-strong is-large" href="{{ $next->running }}">{{ $next->leftOpen === '' ? __('now.go-on') : __('now.finish-of', ['day' => $next->leftOpen]) }}</a>
                @elseif ($next->isToday && ! $notReadYet)<a class="button is-strong is-large" href="{{ route('clients.wash', $head) }}">{{ __('now.start') }}</a>
                @elseif ($next->item && ! $notReadYet && $next->booked === '')<a class="button is-strong is-large" href="{{ route('bookings.create', ['head' => $head->id, 'date' => $next->item->date->format('Y-m-d')]) }}">{{ __('now.book') }}</a>@endif
                <a @class(['button', 'is-large', 'is-strong' => ! $next->running && ($notReadYet || ! $next->isToday && $next->booked !== '' || $next->item === null)]) href="{{ route('clients.hair-tests', $head) }}">@if ($signs === []){{ __('now.first-tests') }}@elseif ($next->testMinutes === 0){{ __('now.hair-tests') }}@else{{ __($next->item?->look ? 'now.test-first' : 'now.test', ['minutes' => $next->testMinutes]) }}@endif</a>
                @if ($notReadYet && $next->isToday && ! $next->running)<a class="button is-large" href="{{ route('clients.wash', $head) }}">{{ __('now.start') }}</a>@endif
                @if ($next->minutes !== '')<span class="reason">{{ implode(' · ', array_filter([$next->minutes, $next->done])) }}</span>@endif
            </p>
            @unless ($notReadYet)
                <div class="now-sure">
                    <h3>{{ __('now.sure') }}</h3>
                    <x-cells :cells="$outlook->cells"/>
                    @if (count($next->reasons) > 2)<details><summary>{{ __('now.why-more') }}</summary>@foreach (array_slice($next->reasons, 2) as $reason)<p class="reason">{{ $reason }}</p>@endforeach</details>@endif
                    <p><a href="{{ route('clients.history.ledger', $head) }}">{{ __('now.ledger-link') }}</a> · <a href="{{ route('clients.history.cause', $head) }}">{{ __('now.why-link') }}</a></p>
                </div>
            @endunless
        </section>

        <div class="now-side">
            <section class="card" aria-labelledby="strand">
                <h2 id="strand">{{ __('now.strand.title') }}</h2>
                <div class="strands">
                    <figure><x-portrait :shape="$strand->now" class="is-living" data-living-strand/><figcaption data-strand-day data-now="{{ __('now.strand.now') }}">{{ __('now.strand.now') }}</figcaption></figure>
                    @if ($balance->washesToday)<figure><x-portrait :shape="$strand->shapes[$strand->after[0]]" class="is-living is-planned"/><figcaption>{{ __('now.strand.after') }}</figcaption></figure>@endif
                </div>
                <details><summary>{{ __('now.strand.key') }}</summary>
                    <dl class="strand-key">@foreach (__('now.strand.means') as [$mark, $means])<div><dt>{{ $mark }}</dt><dd>{{ $means }}</dd></div>@endforeach</dl>
                </details>
            </section>
            <section class="card now-mind" aria-labelledby="mind">
                <h2 id="mind">{{ __('now.mind.title') }}</h2>
                <x-scalp :head="$head" :raised="$unlooked" picture judges/>
                @if ($cautions === [])<p class="reason">{{ __('now.mind.none') }}</p>
                @else
                    <ul class="cautions-list">
                        @foreach ($cautions as $caution)
                            <li>@said($caution->sentence())@if ($caution->value === 'allergies') <strong>{{ $head->allergies }}</strong>@if ($allergiesUnread !== []) <span class="reason">{{ __('bottles.allergies-unread', ['names' => implode(', ', $allergiesUnread)]) }}</span>@endif @endif</li>
                        @endforeach
                    </ul>
                    @foreach (['red' => $head->red_sign, 'sore' => $head->sore_scalp] as $sign => $raised)
                        @if ($raised && ! collect($unlooked)->contains('sign', $sign))
                            @reaches('clients.safety-flags.clear')<form method="post" action="{{ route('clients.safety-flags.clear', $head) }}" class="asks" novalidate>
                                <x-act/> @method('put')
                                <input type="hidden" name="sign" value="{{ $sign }}">
                                <x-field name="cleared_by" :label="__('now.mind.cleared-by', ['what' => __('now.mind.' . $sign)])"/>
                                <x-field name="cleared_on" :label="__('now.mind.cleared-on')" type="date"/>
                                <button class="button">{{ __('now.mind.clear') }}</button>
                            </form>@endreaches
                        @endif
                    @endforeach
                    <p class="reason">{{ __('now.mind.legal') }}</p>
                @endif
                @if ($cleared->isNotEmpty())<p class="reason">@foreach ($cleared as $clearance){{ __("now.mind.cleared.{$clearance->sign}", ['raised' => $dated($clearance->raised_on, 'j M Y'), 'by' => $clearance->cleared_by, 'on' => $dated($clearance->cleared_on, 'j M Y')]) }} @endforeach</p>@endif
                @php($told = array_filter([
                    'overloaded' => implode(', ', array_filter([$dated($head->overloaded_on, 'M Y'), $head->overloaded_by])),
                    ...$head->only(['goals', 'hair_history', 'chemical_history', 'health_notes']),
                ]))
                @if ($told !== [])
                    <details class="heard">
                        <summary>{{ __('forms.told.title') }}</summary>
                        <dl>@foreach ($told as $field => $words)<dt>{{ __("forms.told.{$field}") }}</dt><dd>{{ $words }}</dd>@endforeach</dl>
                    </details>
                @endif
            </section>
        </div>
    </div>

    <section class="card" aria-labelledby="balance">
        <h2 id="balance">{{ __('hair-balance.title') }}</h2>
        <x-hair-balance :balance="$balance" :verdict="$said($outlook->verdict)" :strand="$strand"/>
    </section>

    <div class="now-more">
        <section class="card" aria-labelledby="weeks">
            <h2 id="weeks">{{ __('now.weeks') }}</h2>
            <ol class="items">
                @foreach ($items as $item)
                    <li>
                        <strong class="when">{{ $dated($item->date, 'j M') }}</strong>
                        <div>
                            <p><strong>@steps($item->steps)</strong>@if ($item->look) <span class="tag-look">{{ __('today.test-first') }}</span>@endif</p>
                            @foreach ($brokenBy($item, $head) as $sentence)<p class="reason is-broken">{{ $sentence }}</p>@endforeach
                            @if ($reasons[$item->id] !== [])<details class="day-why"><summary>{{ __('now.reasons') }}<span class="sr-only">: {{ $dated($item->date, 'j M') }}</span></summary>@foreach ($reasons[$item->id] as $reason)<p class="reason">{{ $reason }}</p>@endforeach</details>@endif
                        </div>
                        <span class="minutes">{{ (int) round($item->minutes) }} min</span>
                    </li>
                @endforeach
            </ol>
            <p class="more">
                <a class="button" href="{{ route('clients.plan', $head) }}">{{ __('now.weeks-link') }}</a>
                <a class="button" href="{{ route('clients.wash-days', $head) }}">{{ __($washedToday ? 'now.save-another' : 'now.save-wash') }}</a>
            </p>
            <x-chair-work :head="$head"/>
        </section>
        <div>
        <section class="card" aria-labelledby="zones">
            <h2 id="zones">{{ __('now.zones.title') }}</h2>
            <x-head-map :map="$map"/>
            <x-picture-help of="head"/>
            @foreach ($findings as $finding)
                @php($said = ['zone' => __("nagomi.zones.{$finding['zone']}"), 'found' => $finding['found'], 'percent' => (int) round(100 * $finding['certainty']), 'written' => $finding['written']])
                @if ($finding['differs'])
                    <form method="post" action="{{ route('clients.zones.take', [$head, $finding['zone']]) }}" class="finding"><x-act/>
                        <p class="reason">{{ __('now.zones.tests', $said) }}</p>
                        <button class="button is-small">{{ __('now.zones.take') }}</button>
                    </form>
                @else
                    <p class="reason">{{ __('now.zones.agrees', $said) }}</p>
                @endif
            @endforeach
        </section>
        @if ($ways !== [])
            <section class="card" aria-labelledby="ways">
                <h2 id="ways">{{ __('now.ways.title') }}</h2>
                <ul class="ways-list">@foreach ($ways as $way)<li>{{ $way }}</li>@endforeach</ul>
            </section>
        @endif
        </div>
        <section class="card is-wide" aria-labelledby="signs">
            <h2 id="signs">{{ __('now.readings') }}</h2>
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
                <p>{{ __('now.readings-none') }}</p>
            @endif
        </section>
    </div>
</x-layout>
