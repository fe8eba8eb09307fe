<x-layout :title="($correcting ? 'Correct a visit of ' : 'Hair tests for ') . $called($head->name)" :head="$head">
    <x-slot:offline><x-offline of="hair-tests"/></x-slot:offline>
    <x-slot:scripts><script type="module" src="{{ asset('js/screens/hair-tests.js') }}"></script></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow">
            <h1>{{ $correcting ? 'Correct a visit' : 'Hair tests' }}</h1>
            <p class="lead">{{ $correcting ? 'What it said before is kept beside what it will say now.' : 'Take what there is time for. What is left empty is left out.' }}</p>
        </div>
        @unless ($correcting)<a class="button" href="{{ route('clients.history', $head) }}">Visits before</a>@endunless
    </header>
    @foreach ($cautions as $caution)
        @if (in_array($caution->value, ['refer', 'sore-scalp', 'tension'], true))<p class="caution-line">{{ $caution->sentence() }}</p>@endif
    @endforeach
    @unless ($correcting)
        <nav class="filters" aria-label="Moment of the day">
            @foreach (__('nagomi.moments') as $value => $words)
                <a @class(['button', 'is-strong' => $value === $moment]) href="{{ route('clients.hair-tests', [$head, 'moment' => $value]) }}" @if ($value === $moment) aria-current="true" @endif>{{ $words }}</a>
            @endforeach
            <a class="button" href="{{ route('clients.hair-tests.zones', [$head, 'moment' => $moment]) }}">on the head map</a>
        </nav>
    @endunless
    <form method="post" action="{{ $correcting ? route('clients.history.update', [$head, $correcting]) : route('clients.hair-tests.store', $head) }}" novalidate class="hair-tests" data-keeps data-units="{{ json_encode($unitFactors, JSON_THROW_ON_ERROR) }}"
          @unless ($correcting) data-draft="{{ $head->id }} {{ $moment }}" data-draft-to="{{ route('clients.hair-tests.draft', $head) }}" data-forget="{{ route('clients.hair-tests.forget', [$head, $moment]) }}" @if ($draft) data-kept="{{ json_encode($draft, JSON_THROW_ON_ERROR) }}" @endif @endunless
          data-of="{{ $called($head->name) }}" data-acts="{{ route('clients.hair-tests.acts', $head) }}" data-devices="{{ route('clients.instruments.read', [$head, 'DEVICE']) }}" data-pictures="{{ route('clients.instruments.on-picture', $head) }}">
        <x-act/>
        @if ($correcting) @method('put') @endif
        <p class="said" data-draft-notice hidden role="status"><span>What you typed before stands below; it was not taken in yet.</span><button type="button" class="button is-small">Throw it away</button></p>
        <p class="said" data-sent hidden role="status"></p>
        <input type="hidden" name="moment" value="{{ $moment }}">
        <input type="hidden" name="visit" value="{{ old('visit', $visit) }}">
        @if ($correcting)<input type="hidden" name="version" value="{{ $correcting->version() }}">@endif
        @if ($errors->isNotEmpty())
            @foreach (session('asked', []) as $mark)<input type="hidden" name="asked[]" value="{{ $mark }}">@endforeach
        @endif
        <fieldset class="bench-when">
            <legend>When and where</legend>
            <div class="row">
                <x-field name="date" label="Day" type="date" :value="$date->format('Y-m-d')"/>
                @if ($correcting)
                    <x-field name="because" label="Why it is corrected" class="wide"/>
                @else
                    <x-choice name="zone" label="Zone" :options="__('nagomi.zones')" empty="whole head"/>
                @endif
            </div>
            @unless ($correcting)
                <details class="units">
                    <summary>Typed in {{ collect($unitChoices)->map(fn ($book) => old("unit.{$book->kind()}", $units[$book->kind()] ?? $book->value))->implode(', ') }}</summary>
                    <div class="row">
                        @foreach ($unitChoices as $book)
                            <x-choice :name="'unit[' . $book->kind() . ']'" :label="__('nagomi.unit_kinds.' . $book->kind()) . ' in'" :options="array_combine(array_column($book->alternatives(), 'value'), array_column($book->alternatives(), 'value'))" :value="$units[$book->kind()] ?? $book->value"/>
                        @endforeach
                    </div>
                </details>
            @endunless
        </fieldset>
        @error('moment')<p class="help is-danger">{{ $message }}</p>@enderror
        @error('raw')<p class="help is-danger">{{ $message }}</p>@enderror

        @if ($worth !== [] && ! $correcting)
            <p class="worth"><strong>Worth reading now</strong>, {{ trans_choice('hair-tests.about-minutes', (int) ceil(array_sum(array_column($worth, 'minutes')))) }}: it should narrow moisture and protein from ± {{ number_format(reset($worth)['before'], 1) }} to ± {{ number_format(end($worth)['after'], 1) }}. Any order will do.</p>
            <ol class="walk" data-walk hidden aria-label="The tests worth taking, and which are done">
                @foreach ($worth as $name => $why)<li><a href="#test-{{ $name }}" data-walk-to="{{ $name }}">{{ __("nagomi.tests.{$name}") }} <span data-state></span></a></li>@endforeach
            </ol>
        @endif
        @foreach ($worth as $name => $why)
            <div class="test" data-test="{{ $name }}" id="test-{{ $name }}">
                @includeFirst(["hair-tests.tests.{$name}", 'hair-tests.tests.any'], ['test' => $tests[$name], 'prefix' => 'raw'])
                <div class="tells-now" data-tells role="status"></div>
                @if ($why)
                    <div class="why">
                        <p class="reason">@foreach ($why['why'] as $sentence)<strong>{{ $sentence }}</strong> @endforeach{{ $why['before'] - $why['after'] >= 0.05 ? 'Narrows the balance from ± ' . number_format($why['before'], 1) . ' to ± ' . number_format($why['after'], 1) : ($why['followed'] ? 'Followed from visit to visit' : 'Narrows the balance a little') }}, in about {{ $why['minutes'] < 1 ? (int) round(60 * $why['minutes']) . ' seconds' : number_format($why['minutes'], 1) . ' minutes' }}.@isset($skippedLast[$name]) Left out last time: {{ __("nagomi.skips.{$skippedLast[$name]}") }}.@endisset</p>
                        <label class="skip-test"><span class="select"><select name="skip[{{ $name }}]" aria-label="Leave out {{ lcfirst(__("nagomi.tests.{$name}")) }}"><option value="">Leave out …</option>@foreach (__('nagomi.skips') as $reason => $words)<option value="{{ $reason }}" @selected(old("skip.{$name}") === $reason)>{{ $words }}</option>@endforeach</select></span></label>
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
                <summary>{{ count($more) }} more tests: {{ collect($more)->keys()->map(fn ($name) => lcfirst(__("nagomi.tests.{$name}")))->implode(', ') }}</summary>
                @foreach ($more as $name => $test)
                    <div class="test" data-test="{{ $name }}" id="test-{{ $name }}">
                        @includeFirst(["hair-tests.tests.{$name}", 'hair-tests.tests.any'], ['prefix' => 'raw'])
                        <div class="tells-now" data-tells role="status"></div>
                        @isset($skippedLast[$name])<p class="reason">Left out last time: {{ __("nagomi.skips.{$skippedLast[$name]}") }}.</p>@endisset
                    </div>
                @endforeach
            </details>
        @endif
        <div class="save">
            <div class="balance-now" data-balance role="status"></div>
            <button type="button" class="button is-large" data-next hidden>Next test</button>
            <button class="button is-strong is-large">{{ $correcting ? 'Put the correction in the book' : 'Take in these readings' }}</button>
        </div>
    </form>
    @unless ($correcting)
        @include('hair-tests.instruments')
        <details class="more-tests" @if ($errors->has('seen')) open @endif>
            <summary>Something that is for a clinician, or a sore scalp</summary>
            <p class="caution-line">@caution('refer')</p>
            <form method="post" action="{{ route('clients.safety-flags.raise', $head) }}" class="asks" novalidate>
                <x-act/>
                <x-choice name="sign" label="What it is" :options="['red' => 'refer first: bars protein, heat, strong cleansing', 'sore' => 'sore scalp: bars heat, strong cleansing']"/>
                <x-field name="seen" label="Seen" help="what and where; kept encrypted" class="grow"/>
                <button class="button">Note it</button>
            </form>
        </details>
    @endunless
</x-layout>
