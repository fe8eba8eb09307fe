<x-layout :title="__($correcting ? 'hair-tests.correct-of' : 'hair-tests.title-of', ['name' => $called($head->name)])" :head="$head">
    <x-slot:offline><x-offline of="hair-tests"/></x-slot:offline>
    <x-slot:scripts><script type="module" src="{{ asset('js/screens/hair-tests.js') }}"></script></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow">
            <h1>{{ __($correcting ? 'hair-tests.correct' : 'hair-tests.title') }}</h1>
            <p class="lead">{{ __($correcting ? 'hair-tests.correct-lead' : 'hair-tests.lead') }}</p>
        </div>
        @unless ($correcting)<a class="button" href="{{ route('clients.history', $head) }}">{{ __('hair-tests.past') }}</a>@endunless
    </header>
    @foreach ($cautions as $caution)
        @if (in_array($caution->value, ['refer', 'sore-scalp', 'tension'], true))<p class="caution-line">@said($caution->sentence())</p>@endif
    @endforeach
    @unless ($correcting)
        <nav class="joined" aria-label="{{ __('hair-tests.moments') }}">
            @foreach (__('nagomi.moments') as $value => $words)
                <a href="{{ route('clients.hair-tests', [$head, 'moment' => $value]) }}" @if ($value === $moment) aria-current="true" @endif>{{ $words }}</a>
            @endforeach
            <a href="{{ route('clients.hair-tests.zones', [$head, 'moment' => $moment]) }}">{{ __('hair-tests.on-head') }}</a>
        </nav>
    @endunless
    <form method="post" action="{{ $correcting ? route('clients.history.update', [$head, $correcting]) : route('clients.hair-tests.store', $head) }}" novalidate class="hair-tests" data-keeps data-units="{{ json_encode($unitFactors, JSON_THROW_ON_ERROR) }}"
          @unless ($correcting) data-draft="{{ $head->id }} {{ $moment }}" data-draft-to="{{ route('clients.hair-tests.draft', $head) }}" data-forget="{{ route('clients.hair-tests.forget', [$head, $moment]) }}" @if ($draft) data-kept="{{ json_encode($draft, JSON_THROW_ON_ERROR) }}" @endif @endunless
          data-of="{{ $called($head->name) }}" data-acts="{{ route('clients.hair-tests.acts', $head) }}" data-devices="{{ route('clients.instruments.read', [$head, 'DEVICE']) }}" data-pictures="{{ route('clients.instruments.on-picture', $head) }}">
        <x-act/>
        @if ($correcting) @method('put') @endif
        <p class="said" data-draft-notice hidden role="status"><span>{{ __('hair-tests.draft') }}</span><button type="button" class="button is-small">{{ __('hair-tests.throw-away') }}</button></p>
        <p class="said" data-sent hidden role="status"></p>
        <input type="hidden" name="moment" value="{{ $moment }}">
        <input type="hidden" name="visit" value="{{ old('visit', $visit) }}">
        @if ($correcting)<input type="hidden" name="version" value="{{ $correcting->version() }}">@endif
        @if ($errors->isNotEmpty())
            @foreach (session('asked', []) as $mark)<input type="hidden" name="asked[]" value="{{ $mark }}">@endforeach
        @endif
        <details class="bench-when" @if ($correcting || $errors->hasAny(['date', 'because', 'zone'])) open @endif>
            <summary>{{ __('hair-tests.when') }}</summary>
            <div class="row">
                <x-field name="date" :label="__('hair-tests.day')" type="date" :value="$date->format('Y-m-d')"/>
                @if ($correcting)
                    <x-field name="because" :label="__('hair-tests.because')" class="wide"/>
                @else
                    <x-choice name="zone" :label="__('hair-tests.zone')" :options="__('nagomi.zones')" :empty="__('hair-tests.whole-head')"/>
                @endif
            </div>
            @unless ($correcting)
                <details class="units">
                    <summary>{{ __('hair-tests.typed-in', ['units' => collect($unitChoices)->map(fn ($book) => old("unit.{$book->kind()}", $units[$book->kind()] ?? $book->value))->implode(', ')]) }}</summary>
                    <div class="row">
                        @foreach ($unitChoices as $book)
                            <x-choice :name="'unit[' . $book->kind() . ']'" :label="__('hair-tests.kind-in', ['kind' => __('nagomi.unit_kinds.' . $book->kind())])" :options="array_combine(array_column($book->alternatives(), 'value'), array_column($book->alternatives(), 'value'))" :value="$units[$book->kind()] ?? $book->value"/>
                        @endforeach
                    </div>
                </details>
            @endunless
        </details>
        @error('moment')<p class="help is-danger">{{ $message }}</p>@enderror
        @error('raw')<p class="help is-danger">{{ $message }}</p>@enderror

        @if ($worth !== [] && ! $correcting)
            <div class="walk-bar" data-walk hidden data-minutes="{{ json_encode(array_map(fn ($why) => round($why['minutes'], 2), $worth)) }}" @if ($errors->isNotEmpty()) data-list @endif>
                <p><span class="walk-left" data-walk-left>{{ __('hair-tests.recommended', ['time' => trans_choice('hair-tests.about-minutes', (int) ceil(array_sum(array_column($worth, 'minutes'))))]) }}</span>
                    <button type="button" class="button is-small" data-walk-all data-all="{{ __('hair-tests.all') }}" data-one="{{ __('hair-tests.one-by-one') }}">{{ __('hair-tests.all') }}</button></p>
                <ol class="walk" aria-label="{{ __('hair-tests.walk') }}">
                    @foreach ($worth as $name => $why)<li><a href="#test-{{ $name }}" data-walk-to="{{ $name }}">{{ __("nagomi.tests.{$name}") }} <span data-state></span></a></li>@endforeach
                </ol>
            </div>
        @endif
        @foreach ($worth as $name => $why)
            <div class="test card" data-test="{{ $name }}" id="test-{{ $name }}">
                @includeFirst(["hair-tests.tests.{$name}", 'hair-tests.tests.any'], ['test' => $tests[$name], 'prefix' => 'raw'])
                <div class="tells-now" data-tells role="status"></div>
                @if ($why)
                    @php($time = $why['minutes'] < 1 ? __('hair-tests.seconds', ['count' => (int) round(60 * $why['minutes'])]) : __('hair-tests.minutes', ['count' => round($why['minutes'], 1)]))
                    <div class="why">
                        <p class="reason">@foreach ($why['why'] as $sentence)<strong>{{ $sentence }}</strong> @endforeach{{ ucfirst(__('hair-tests.' . ($why['before'] - $why['after'] >= 0.05 ? 'surer' : ($why['followed'] ? 'followed' : 'bit-surer')), ['time' => $time])) }}.@isset($skippedLast[$name]) {{ __('hair-tests.skipped-last', ['why' => __("nagomi.skips.{$skippedLast[$name]}")]) }}@endisset</p>
                        <label class="skip-test"><span class="select"><select name="skip[{{ $name }}]" aria-label="{{ __('hair-tests.skip-of', ['test' => lcfirst(__("nagomi.tests.{$name}"))]) }}"><option value="">{{ __('hair-tests.skip') }}</option>@foreach (__('nagomi.skips') as $reason => $words)<option value="{{ $reason }}" @selected(old("skip.{$name}") === $reason)>{{ $words }}</option>@endforeach</select></span></label>
                    </div>
                @endif
            </div>
        @endforeach
        @foreach ($zoned as $zone => $of)
            @foreach ($of as $name => $test)
                <div class="test" data-test="{{ $name }}">
                    <h2>{{ ucfirst(__("nagomi.zones.{$zone}")) }}</h2>
                    @includeFirst(["hair-tests.tests.{$name}", 'hair-tests.tests.any'], ['prefix' => "zones[{$zone}]"])
                </div>
            @endforeach
        @endforeach
        @if ($more !== [])
            <details class="more-tests" @if (($worth === [] && $zoned === []) || collect((array) old('raw'))->only(array_keys($more))->flatten()->filter(fn ($value) => $value !== null && $value !== '' && $value !== '0')->isNotEmpty()) open @endif>
                <summary>{{ trans_choice('hair-tests.more', count($more), ['tests' => collect($more)->keys()->map(fn ($name) => lcfirst(__("nagomi.tests.{$name}")))->implode(', ')]) }}</summary>
                @foreach ($more as $name => $test)
                    <div class="test" data-test="{{ $name }}" id="test-{{ $name }}">
                        @includeFirst(["hair-tests.tests.{$name}", 'hair-tests.tests.any'], ['prefix' => 'raw'])
                        <div class="tells-now" data-tells role="status"></div>
                        @isset($skippedLast[$name])<p class="reason">{{ __('hair-tests.skipped-last', ['why' => __("nagomi.skips.{$skippedLast[$name]}")]) }}</p>@endisset
                    </div>
                @endforeach
            </details>
        @endif
        <div class="balance-now" data-balance role="status"></div>
        <div class="save">
            <button type="button" class="button is-large" data-walk-back hidden>{{ __('hair-tests.back') }}</button>
            <button class="button is-strong is-large">{{ __($correcting ? 'hair-tests.save-correction' : 'hair-tests.save') }}</button>
            <button type="button" class="button is-large" data-next hidden>{{ __('hair-tests.next') }}</button>
        </div>
    </form>
    @unless ($correcting)
        @include('hair-tests.instruments')
        <details class="more-tests" @if ($errors->has('seen')) open @endif>
            <summary>{{ __('hair-tests.clinician.title') }}</summary>
            <p class="caution-line">@caution('refer')</p>
            <form method="post" action="{{ route('clients.safety-flags.raise', $head) }}" class="asks" novalidate>
                <x-act/>
                <x-choice name="sign" :label="__('hair-tests.clinician.what')" :options="['red' => __('hair-tests.clinician.red'), 'sore' => __('hair-tests.clinician.sore')]"/>
                <x-field name="seen" :label="__('hair-tests.clinician.seen')" :help="__('hair-tests.clinician.seen-help')" class="grow"/>
                <button class="button">{{ __('hair-tests.clinician.save') }}</button>
            </form>
        </details>
    @endunless
</x-layout>
