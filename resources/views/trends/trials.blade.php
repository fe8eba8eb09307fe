<x-layout :title="__('trials.title-of', ['name' => $called($head->name)])" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/trends.css') }}"></x-slot:scripts>
    <header class="page-head"><x-portrait :head="$head"/><div class="grow"><h1>{{ __('trials.title') }}</h1><p class="lead">{{ __('trials.lead') }}</p></div></header>
    @if ($running > 1)<p class="caution-line"><strong>{{ __('trials.many', ['count' => $running]) }}</strong> {{ __('trials.many-why') }}</p>@endif
    @forelse ($trials as $told)
        @php($trial = $told['trial'])
        <section class="trend">
            <h2>{{ $trial->change }} <span>· {{ __($trial->kind === 'half-head' ? 'trials.halves' : 'trials.since', ['changed' => __("nagomi.zones.{$trial->changed_zone}"), 'usual' => __("nagomi.zones.{$trial->usual_zone}"), 'day' => $dated($trial->began_on, 'j M Y'), 'sign' => __("nagomi.signs.{$trial->sign}")]) }}{{ $trial->ended_on ? __('trials.ended', ['day' => $dated($trial->ended_on, 'j M Y')]) : '' }}</span></h2>
            <p>{{ $told['says'] }}</p>
            @if ($told['besides'] !== [])<p class="caution-line"><strong>{{ __('trials.more-changed') }}</strong> {{ implode('; ', $told['besides']) }}. {{ __('trials.more-why') }}</p>@endif
            <p class="reason">{{ __($trial->kind === 'half-head' ? 'trials.sides' : 'trials.times', ['first' => implode(', ', array_map(fn ($value) => round($value, 1), $told['first'])) ?: __('trials.none'), 'second' => implode(', ', array_map(fn ($value) => round($value, 1), $told['second'])) ?: __('trials.none')]) }}{{ $told['result'] ? __('trials.exact') : '' }}</p>
            @unless ($trial->ended_on)@reaches('clients.trials.end')<form method="post" action="{{ route('clients.trials.end', [$head, $trial]) }}"><x-act/> @method('delete')<button class="button is-small">{{ __('trials.end') }}<span class="is-sr-only">: {{ $trial->change }}</span></button></form>@endreaches @endunless
        </section>
    @empty
        <div class="empty"><p>{{ __('trials.empty') }}</p></div>
    @endforelse
    @reaches('clients.trials.store')
    <details class="more-tests" @if ($trials === [] || request('change') || $errors->hasAny(['change', 'kind', 'sign', 'began_on', 'usual_zone', 'changed_zone'])) open @endif>
        <summary>{{ __('trials.try') }}</summary>
        <form method="post" action="{{ route('clients.trials.store', $head) }}" class="asks" novalidate>
            <x-act/>
            <x-field name="change" :label="__('trials.what')" class="grow" :value="is_string(request('change')) ? request('change') : null"/>
            <x-choice name="kind" :label="__('trials.how')" :options="__('trials.ways')"/>
            <x-choice name="sign" :label="__('trials.by')" :options="$signs"/>
            <x-field name="began_on" :label="__('trials.from')" type="date" :value="$head->salon->today()->format('Y-m-d')"/>
            <x-choice name="usual_zone" :label="__('trials.usual')" :options="__('nagomi.zones')" :empty="__('trials.whole')" value="left"/>
            <x-choice name="changed_zone" :label="__('trials.changed')" :options="__('nagomi.zones')" :empty="__('trials.whole')" value="right"/>
            <button class="button">{{ __('trials.begin') }}</button>
        </form>
    </details>
    @endreaches
    <h2 class="programmes">{{ __('trials.programmes') }}</h2>
    @forelse ($programmes as $row)
        @php($programme = $row['programme'])
        <section class="trend">
            <h2>{{ __("nagomi.programmes.{$programme->kind}") }} <span>· {{ __('trials.programme-since', ['weeks' => trans_choice('programmes.weeks', $programme->weeks), 'day' => $dated($programme->began_on, 'j M Y')]) }}{{ $programme->broken_off_on ? __('trials.broken-off', ['day' => $dated($programme->broken_off_on, 'j M')]) : ($row['left'] > 0 ? ', ' . trans_choice('programmes.days-left', $row['left']) : __('trials.over')) }}</span></h2>
            <p>{{ $row['of'] === 0 ? __('trials.nothing-yet') : __('trials.kept', ['kept' => $row['kept'], 'of' => $row['of'], 'unit' => $row['unit'], 'percent' => round(100 * $row['kept'] / $row['of'])]) }} @if ($row['planned'] > 0){{ __('programmes.planned', ['planned' => $row['planned'], 'washed' => $row['washed']]) }} @endif{{ __('trials.before-and-since', ['sign' => ucfirst(__("nagomi.signs.{$programme->sign}")), 'says' => lcfirst($row['told']['says'])]) }}</p>
            @if ($row['told']['besides'] !== [])<p class="reason">{{ __('trials.besides', ['what' => implode('; ', $row['told']['besides'])]) }}</p>@endif
            @if ($row['left'] > 0 && ! $programme->broken_off_on)@reaches('clients.programmes.end')<form method="post" action="{{ route('clients.programmes.end', [$head, $programme]) }}"><x-act/> @method('delete')<button class="button is-small">{{ __('trials.break-off') }}<span class="is-sr-only">: {{ __("nagomi.programmes.{$programme->kind}") }}</span></button></form>@endreaches @endif
        </section>
    @empty
        <p class="reason">{{ __('trials.no-programme') }}</p>
    @endforelse
    @reaches('clients.programmes.begin')
    <details class="more-tests" @if ($errors->hasAny(['programme', 'weeks', 'programme_sign', 'programme_from'])) open @endif>
        <summary>{{ __('trials.begin-programme') }}</summary>
        <form method="post" action="{{ route('clients.programmes.begin', $head) }}" class="asks" novalidate>
            <x-act/>
            <x-choice name="programme" :label="__('trials.programme')" :options="__('nagomi.programmes')"/>
            <x-field name="weeks" :label="__('trials.for')" :unit="__('trials.weeks')" mode="numeric" :help="__('trials.weeks-help')"/>
            <x-choice name="programme_sign" :label="__('trials.by')" :options="$signs" value="dryness"/>
            <x-field name="programme_from" :label="__('trials.from')" type="date" :value="$head->salon->today()->format('Y-m-d')"/>
            <button class="button">{{ __('trials.begin-it') }}</button>
        </form>
    </details>
    @endreaches
</x-layout>
