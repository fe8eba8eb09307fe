<x-layout :title="'Trials of ' . $called($head->name)" :head="$head">
    <header class="page-head"><x-portrait :head="$head"/><div class="grow"><h1>Trials</h1><p class="lead">One change at a time, one measure agreed on before, at least three or four wash days.</p></div></header>
    @if ($running > 1)<p class="caution-line"><strong>{{ $running }} trials run at once.</strong> Whatever changes then, nobody can say which of them did it; end all but one.</p>@endif
    @forelse ($trials as $told)
        @php($trial = $told['trial'])
        <section class="trend">
            <h2>{{ $trial->change }} <span>· {{ $trial->kind === 'half-head' ? "{$trial->changed_zone} against {$trial->usual_zone}" : 'from ' . $trial->began_on->format('j M Y') }}, by {{ __("nagomi.signs.{$trial->sign}") }}{{ $trial->ended_on ? ', ended ' . $trial->ended_on->format('j M Y') : '' }}</span></h2>
            <p>{{ $told['says'] }}</p>
            @if ($told['besides'] !== [])<p class="caution-line"><strong>More than one thing changed.</strong> {{ implode('; ', $told['besides']) }}. If the trial is not about that, it tells less than it seems.</p>@endif
            <p class="reason">{{ $trial->kind === 'half-head' ? 'usual side' : 'before' }}: {{ implode(', ', array_map(fn ($value) => round($value, 1), $told['first'])) ?: 'none' }} · {{ $trial->kind === 'half-head' ? 'changed side' : 'after' }}: {{ implode(', ', array_map(fn ($value) => round($value, 1), $told['second'])) ?: 'none' }}{{ $told['result'] ? '. Exact permutation test; the interval holds every difference it does not speak against.' : '' }}</p>
            @unless ($trial->ended_on)<form method="post" action="{{ route('clients.trials.end', [$head, $trial]) }}"><x-act/> @method('delete')<button class="button is-small">End it<span class="is-sr-only">: {{ $trial->change }}</span></button></form>@endunless
        </section>
    @empty
        <div class="empty"><p>Nothing was tried out yet. Three things changed at once teach nobody what helped; one change, read four times, does.</p></div>
    @endforelse
    <details class="more-tests" @if ($trials === [] || request('change') || $errors->hasAny(['change', 'kind', 'sign', 'began_on', 'usual_zone', 'changed_zone'])) open @endif>
        <summary>Try one change</summary>
        <form method="post" action="{{ route('clients.trials.store', $head) }}" class="asks" novalidate>
            <x-act/>
            <x-field name="change" label="What is changed" class="grow" :value="is_string(request('change')) ? request('change') : null"/>
            <x-choice name="kind" label="How" :options="['half-head' => 'one half against the other', 'before-after' => 'before and after']"/>
            <x-choice name="sign" label="Measured by" :options="$signs"/>
            <x-field name="began_on" label="From" type="date" :value="$head->salon->today()->format('Y-m-d')"/>
            <x-choice name="usual_zone" label="As usual" :options="__('nagomi.zones')" empty="whole head" value="left"/>
            <x-choice name="changed_zone" label="Changed" :options="__('nagomi.zones')" empty="whole head" value="right"/>
            <button class="button">Begin the trial</button>
        </form>
    </details>
    <h2 class="programmes">Programmes</h2>
    @forelse ($programmes as $row)
        @php($programme = $row['programme'])
        <section class="trend">
            <h2>{{ __("nagomi.programmes.{$programme->kind}") }} <span>· {{ trans_choice('programmes.weeks', $programme->weeks) }} from {{ $programme->began_on->format('j M Y') }}{{ $programme->broken_off_on ? ', broken off ' . $programme->broken_off_on->format('j M') : ($row['left'] > 0 ? ', ' . trans_choice('programmes.days-left', $row['left']) : ', over') }}</span></h2>
            <p>{{ $row['of'] === 0 ? 'Nothing to tell yet.' : "Kept to in {$row['kept']} of {$row['of']} {$row['unit']} (" . round(100 * $row['kept'] / $row['of']) . ' %).' }} @if ($row['planned'] > 0){{ __('programmes.planned', ['planned' => $row['planned'], 'washed' => $row['washed']]) }} @endif{{ ucfirst(__("nagomi.signs.{$programme->sign}")) }}, before and since: {{ lcfirst($row['told']['says']) }}</p>
            @if ($row['told']['besides'] !== [])<p class="reason">Besides: {{ implode('; ', $row['told']['besides']) }}.</p>@endif
            @if ($row['left'] > 0 && ! $programme->broken_off_on)<form method="post" action="{{ route('clients.programmes.end', [$head, $programme]) }}"><x-act/> @method('delete')<button class="button is-small">Break it off<span class="is-sr-only">: {{ __("nagomi.programmes.{$programme->kind}") }}</span></button></form>@endif
        </section>
    @empty
        <p class="reason">A programme is kept to for a fixed time, such as a first month of weekly masks; how far it was kept to is read off the wash days.</p>
    @endforelse
    <details class="more-tests" @if ($errors->hasAny(['programme', 'weeks', 'programme_sign', 'programme_from'])) open @endif>
        <summary>Begin a programme</summary>
        <form method="post" action="{{ route('clients.programmes.begin', $head) }}" class="asks" novalidate>
            <x-act/>
            <x-choice name="programme" label="What" :options="__('nagomi.programmes')"/>
            <x-field name="weeks" label="For" unit="weeks" mode="numeric" help="empty: as usual"/>
            <x-choice name="programme_sign" label="Measured by" :options="$signs" value="dryness"/>
            <x-field name="programme_from" label="From" type="date" :value="$head->salon->today()->format('Y-m-d')"/>
            <button class="button">Begin it</button>
        </form>
    </details>
</x-layout>
