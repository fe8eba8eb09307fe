<x-layout :title="__('plan.title-of', ['name' => $called($head->name)])" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/plan.css') }}"><script type="module" src="{{ asset('js/screens/plan.js') }}"></script></x-slot:scripts>
    <x-slot:offline><x-offline of="plan"/></x-slot:offline>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>{{ __('plan.title') }}</h1>@if ($limits !== null)<p class="limits-words">{{ $limits }}@reaches('clients.plan-terms') <a href="{{ route('clients.plan-terms', $head) }}">{{ __('plan.limits') }}</a>@endreaches</p>@endif<p class="lead">@said($outlook->verdict)</p></div>
        <a class="button" href="{{ route('clients.plan.what-if', $head) }}" data-key="f">{{ __('plan.what-if') }} <kbd>f</kbd></a>
        @reaches('clients.plan-terms')<a class="button" href="{{ route('clients.plan-terms', $head) }}" data-key="m">{{ __('plan.limits') }} <kbd>m</kbd></a>@endreaches
        <a class="button" href="{{ route('clients.plan.calendar', $head) }}" download>{{ __('plan.calendar') }}</a>
        @if ($head->household)<a class="button" href="{{ route('plans', ['household' => $head->household]) }}">{{ __('plan.household') }}</a>@endif
    </header>
    @reaches('clients.plan.act')
    <section class="season-work card" data-keeps data-plan data-of="{{ $called($head->name) }}" data-preview="{{ route('clients.plan.preview', $head) }}" data-act="{{ route('clients.plan.act', $head) }}" data-undo="{{ route('clients.plan.undo', $head) }}" data-redo="{{ route('clients.plan.redo', $head) }}" data-seen="{{ $last->id ?? 0 }}" data-day="{{ $line->dayWidth }}" data-room="{{ json_encode($room) }}" data-acts="{{ json_encode($acts) }}">
        <x-season-line :line="$line" :head="$head" :today="$today" :ahead="$ahead" work/>
    @else
    <section class="season-work card">
        <x-season-line :line="$line" :head="$head" :today="$today" :ahead="$ahead"/>
    @endreaches
        <p class="legend">@foreach (['day', 'mask', 'protein', 'clarify', 'hand'] as $mark)<span><i class="dot dot-{{ $mark }}"></i>{{ __("plan.key.{$mark}") }}</span>@endforeach<span>{{ __('plan.key.size') }}</span></p>
        <x-picture-help of="plan"/>
        @reaches('clients.plan.act')
        @error('act')<p class="help is-danger" role="alert">{{ $message }}</p>@enderror
        <p class="season-says" role="status" aria-live="polite" data-says>{{ __('plan.how') }}</p>
        <div class="season-keys" data-keys hidden>
            <div class="objects"><span class="season-of">{{ __('plan.acts.rows.wash-day') }}</span>
                <button type="button" class="button" data-do="move" data-value="-1">{{ __('plan.acts.buttons.day-earlier') }}</button><button type="button" class="button" data-do="move" data-value="1">{{ __('plan.acts.buttons.day-later') }}</button><button type="button" class="button" data-do="swap" data-value="">{{ __('plan.acts.buttons.swap') }}</button>
            </div>
            @foreach (['mask', 'protein', 'clarifying'] as $treatment)
                <div class="objects" data-row="{{ $treatment }}" role="group" aria-label="{{ __("plan.acts.rows.{$treatment}") }}"><span class="season-of">{{ __("plan.acts.rows.{$treatment}") }}</span>
                    <button type="button" class="button" data-do="carry" data-value="{{ $treatment }}:-1">{{ __('plan.acts.buttons.earlier') }}</button><button type="button" class="button" data-do="carry" data-value="{{ $treatment }}:1">{{ __('plan.acts.buttons.later') }}</button>
                    @if ($treatment === 'mask')<button type="button" class="button" data-do="mask" data-value="10">{{ __('plan.acts.buttons.longer') }}</button><button type="button" class="button" data-do="mask" data-value="-10">{{ __('plan.acts.buttons.shorter') }}</button>@endif
                    @if ($treatment === 'protein')<button type="button" class="button" data-do="strength" data-value="mild-protein">{{ __('plan.acts.buttons.mild-protein') }}</button><button type="button" class="button" data-do="strength" data-value="strong-protein">{{ __('plan.acts.buttons.strong-protein') }}</button>@endif
                    <button type="button" class="button" data-do="leave-out" data-value="{{ $treatment }}">{{ __('plan.acts.buttons.leave-out') }}</button>
                </div>
            @endforeach
            <div class="objects"><button type="button" class="button is-strong" data-keep disabled>{{ __('plan.acts.buttons.do') }}</button><button type="button" class="button" data-back>{{ __('plan.acts.buttons.leave') }}</button></div>
        </div>
        <div class="objects">
            <form method="post" action="{{ route('clients.plan.undo', $head) }}"><x-act/><input type="hidden" name="seen" value="{{ $last->id ?? 0 }}"><button class="button" data-undo-button @disabled($last === null)>{{ __('plan.undo') }} @if ($last)<span class="reason">@shortened($last->says, 44)</span>@endif</button></form>
            <form method="post" action="{{ route('clients.plan.redo', $head) }}"><x-act/><input type="hidden" name="seen" value="{{ $last->id ?? 0 }}"><button class="button" data-redo-button @disabled($next === null)>{{ __('plan.redo') }} @if ($next)<span class="reason">@shortened($next->says, 44)</span>@endif</button></form>
        </div>
        @endreaches
    </section>
    @if ($wishes !== [])<ul class="recent" aria-label="{{ __('wishes.wished') }}">@foreach ($wishes as $place => $wish)<li class="set-day"><span><strong>{{ __('wishes.wished') }}</strong> {{ $wish }}</span>
        @reaches('clients.plan.wishes.without')<form method="post" action="{{ route('clients.plan.wishes.without', [$head, $place]) }}"><x-act/> @method('delete')<input type="hidden" name="seen" value="{{ $last->id ?? 0 }}"><button class="button is-small">{{ __('wishes.take-out') }}<span class="is-sr-only">: {{ $wish }}</span></button></form>@endreaches</li>@endforeach</ul>@endif
    @if ($keepsTo !== [])<p class="note">{{ __('programmes.keeps', ['what' => implode('; ', $keepsTo)]) }} <a href="{{ route('clients.trials', $head) }}">{{ __('programmes.see') }}</a></p>@endif
    @foreach ($doneAtHome['leftOut'] as $sentence)<p class="note">{{ $sentence }}</p>@endforeach
    <x-scalp :head="$head"/>
    <x-chair-work :head="$head"/>
    <div class="two season-side">
        <details @if ($occasions !== [] || $errors->hasAny(['occasion', 'occasion_from', 'occasion_until', 'occasion_what', 'occasion_style_day'])) open @endif>
            <summary><h2>{{ __('plan.coming.title') }}</h2></summary>
            <ul class="recent">@foreach ($occasions as $i => $occasion)<li class="set-day"><span><strong>@day($occasion['from'], 'j M')@if ($occasion['until'] !== $occasion['from']) – @day($occasion['until'], 'j M')@endif</strong> {{ __("nagomi.occasions.{$occasion['kind']}") }}{{ $occasion['what'] !== '' ? ': ' . $occasion['what'] : '' }}@if ($occasion['style_day']) <span class="reason">{{ __('plan.style-day', ['day' => $occasion['style_day']]) }}</span>@endif</span>
                @reaches('clients.plan.without')<form method="post" action="{{ route('clients.plan.without', [$head, $i]) }}"><x-act/> @method('delete')<input type="hidden" name="seen" value="{{ $last->id ?? 0 }}"><button class="button is-small">{{ __('wishes.take-out') }}</button></form>@endreaches</li>@endforeach</ul>
            @foreach ($tooNear as $sentence)<p class="caution-line">{{ $sentence }}</p>@endforeach
            @reaches('clients.plan.occasion')
            <form method="post" action="{{ route('clients.plan.occasion', $head) }}" class="asks" novalidate>
                <x-act/>
                <x-choice name="occasion" :label="__('plan.coming.what')" :options="__('nagomi.occasions')"/>
                <x-field name="occasion_from" :label="__('plan.coming.from')" type="date"/>
                <x-field name="occasion_until" :label="__('plan.coming.until')" type="date"/>
                <x-field name="occasion_what" :label="__('plan.coming.called')"/>
                <x-field name="occasion_style_day" :label="__('forms.style-day.label')" mode="numeric" :help="__('forms.style-day.help')"/>
                <button class="button">{{ __('plan.coming.save') }}</button>
            </form>
            @endreaches
        </details>
        <details @if ($promise) open @endif>
            <summary><h2>{{ __('plan.agreed.title') }}</h2></summary>
            @if ($promise)
                <p>{{ __('plan.agreed.since', ['day' => $dated($promise->made_at->setTimezone($head->salon->timezone), 'j M Y'), 'by' => $promise->by]) }} @if ($changes === []){{ __('plan.agreed.kept') }}@endif</p>
                @if ($changes !== [])<ul class="recent">@foreach ($changes as $change)<li>{{ $change }}</li>@endforeach</ul>@endif
            @else<p class="reason">{{ __('plan.agreed.none') }}</p>@endif
            @reaches('clients.plan-terms.promise')<form method="post" action="{{ route('clients.plan-terms.promise', $head) }}"><x-act/><button class="button">{{ __($promise ? 'plan.agreed.again' : 'plan.agreed.now') }}</button></form>@endreaches
            @if ($promises->count() > 1)<details class="more-tests"><summary>{{ __('plan.agreed.earlier') }}</summary><ul class="recent">@foreach ($promises->skip($promise ? 1 : 0) as $earlier)<li>{{ trans_choice('plan.agreed.treatments', count($earlier->items), ['day' => $dated($earlier->made_at, 'j M Y'), 'by' => $earlier->by]) }}</li>@endforeach</ul></details>@endif
        </details>
        <details>
            <summary><h2>{{ __('done-at-home.title') }}</h2></summary>
            @if ($doneAtHome['lines'] === [])<p class="reason">{{ __('done-at-home.none') }}</p>
            @else
                <p class="reason">{{ __('done-at-home.lead') }}</p>
                <ul class="done-at-home">@foreach ($doneAtHome['lines'] as $line)<li><span><strong>{{ $line['step'] }}</strong> {{ $line['done'] }}</span><meter min="0" max="100" value="{{ $line['percent'] }}" aria-hidden="true">{{ $line['percent'] }} %</meter><span class="reason">{{ $line['range'] }}</span></li>@endforeach</ul>
            @endif
        </details>
    </div>
    <section class="card" aria-labelledby="wash-days">
    <h2 id="wash-days">{{ __('plan.wash-days') }}</h2>
    <p class="note">{{ trans_choice('plan.every', $every, ['hours' => (int) round($items->sum('minutes') / 60)]) }} {{ $head->minutes_limit ? __('plan.at-most', ['minutes' => $head->minutes_limit]) : '' }} {{ __('plan.dates') }}</p>
    @if ($outlook->clashes)
        <p class="wrong" role="status">{{ trans_choice('plan.clashes', count($outlook->clashes)) }}</p>
    @endif
    <ol class="season">
        @foreach ($items as $item)
            <li @class(['is-today' => $item->date->lessThanOrEqualTo($today)])>
                <div class="when">
                    <strong>{{ $dated($item->date, 'j M') }}</strong>
                    <span>{{ $item->date->lessThanOrEqualTo($today) ? __('plan.today') : $dated($item->date, 'l') }}</span>
                </div>
                <div class="what">
                    <p><strong>@steps($item->steps)</strong>@if ($item->look) <span class="tag-look">{{ __('today.test-first') }}</span>@endif @if ($item->by_hand) <span class="tag-look">{{ __('plan.by-hand') }}</span>@endif</p>
                    @isset($booked[$item->date->format('Y-m-d')])<p class="in-salon"><a href="{{ route('bookings.show', $booked[$item->date->format('Y-m-d')]['id']) }}">{{ $booked[$item->date->format('Y-m-d')]['says'] }}</a></p>@endisset
                    @foreach ($reasons[$item->id] as $reason)<p class="reason">{{ $reason }}</p>@endforeach
                    @foreach ($brokenBy($item, $head) as $sentence)<p class="reason is-broken">{{ $sentence }}</p>@endforeach
                    @if ($item->clash)<p class="reason">{{ __('plan.frees', ['what' => implode(__('plan.or'), array_map($said, $item->clash['frees']))]) }}</p>@endif
                    @foreach (array_filter($bottles[$item->id] ?? [], fn (array $bottle): bool => $bottle['missing']) as $bottle)<p class="reason is-broken">{{ $bottle['says'] }}</p>@endforeach
                    <details>
                        <summary>{{ __('plan.steps') }}</summary>
                        <ol class="steps">@foreach ($item->steps as $place => $step)<li>@step($step)@if (! ($bottles[$item->id][$place]['missing'] ?? true)) <span class="reason">{{ $bottles[$item->id][$place]['says'] }}</span>@endif</li>@endforeach</ol>
                        <p class="reason">{{ trans_choice('plan.broken-hairs', (int) round($item->broken_hairs)) }}</p>
                    </details>
                </div>
                @if ($laidOut && $laidOut['date'] === $item->date->format('Y-m-d'))
                    <div class="minutes">{{ $laidOut['minutes'] }} min<br><a href="{{ route('clients.wash.run', [$head, $laidOut['id']]) }}">{{ __('wash.by-hand') }}</a></div>
                @else
                    <div class="minutes">{{ (int) round($item->minutes) }} min<span class="reason">{{ $parts[$item->date->format('Y-m-d')] ?? '' }}</span></div>
                @endif
            </li>
        @endforeach
    </ol>
    </section>
</x-layout>
