<x-layout :title="'Plan of ' . $called($head->name)" :head="$head">
    <x-slot:scripts><script type="module" src="{{ asset('js/screens/plan.js') }}"></script></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>Plan</h1>@if ($limits !== null)<p class="limits-words">{{ $limits }} <a href="{{ route('clients.plan-terms', $head) }}">Terms</a></p>@endif<p class="lead">{{ $outlook->verdict }}</p></div>
        <a class="button" href="{{ route('clients.plan.what-if', $head) }}" data-key="f">What if <kbd>f</kbd></a>
        <a class="button" href="{{ route('clients.plan-terms', $head) }}" data-key="m">Terms <kbd>m</kbd></a>
        <a class="button" href="{{ route('clients.plan.calendar', $head) }}" download>Calendar (.ics)</a>
        @if ($head->household)<a class="button" href="{{ route('plans', ['household' => $head->household]) }}">Household</a>@endif
    </header>
    <section class="season-work" data-keeps data-plan data-of="{{ $called($head->name) }}" data-preview="{{ route('clients.plan.preview', $head) }}" data-act="{{ route('clients.plan.act', $head) }}" data-undo="{{ route('clients.plan.undo', $head) }}" data-redo="{{ route('clients.plan.redo', $head) }}" data-seen="{{ $last->id ?? 0 }}" data-day="{{ $line->dayWidth }}" data-room="{{ json_encode($room) }}" data-acts="{{ json_encode($acts) }}">
        <x-season-line :line="$line" :head="$head" :today="$today" work/>
        <p class="legend"><span><i class="swatch stone-mask-swatch"></i>mask</span><span><i class="swatch stone-protein-swatch"></i>protein</span><span><i class="swatch stone-clarify-swatch"></i>clarifying</span><span><i class="swatch stone-hand-swatch"></i>by hand</span><span>larger: longer</span></p>
        @error('act')<p class="help is-danger" role="alert">{{ $message }}</p>@enderror
        <p class="season-says" role="status" aria-live="polite" data-says>Drag a wash day along the line, or up and down for a longer or shorter mask; or choose one and use the arrow keys. What it would come to is said before you let go.</p>
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
            <form method="post" action="{{ route('clients.plan.undo', $head) }}"><x-act/><input type="hidden" name="seen" value="{{ $last->id ?? 0 }}"><button class="button" data-undo-button @disabled($last === null)>Undo @if ($last)<span class="reason">@shortened($last->says, 44)</span>@endif</button></form>
            <form method="post" action="{{ route('clients.plan.redo', $head) }}"><x-act/><input type="hidden" name="seen" value="{{ $last->id ?? 0 }}"><button class="button" data-redo-button @disabled($next === null)>Redo @if ($next)<span class="reason">@shortened($next->says, 44)</span>@endif</button></form>
        </div>
    </section>
    @if ($wishes !== [])<ul class="recent" aria-label="{{ __('wishes.wished') }}">@foreach ($wishes as $place => $wish)<li class="set-day"><span><strong>{{ __('wishes.wished') }}</strong> {{ $wish }}</span>
        <form method="post" action="{{ route('clients.plan.wishes.without', [$head, $place]) }}"><x-act/> @method('delete')<input type="hidden" name="seen" value="{{ $last->id ?? 0 }}"><button class="button is-small">{{ __('wishes.take-out') }}<span class="is-sr-only">: {{ $wish }}</span></button></form></li>@endforeach</ul>@endif
    @if ($keepsTo !== [])<p class="note">{{ __('programmes.keeps', ['what' => implode('; ', $keepsTo)]) }} <a href="{{ route('clients.trials', $head) }}">{{ __('programmes.see') }}</a></p>@endif
    <x-scalp :head="$head"/>
    <x-chair-work :head="$head"/>
    <div class="two season-side">
        <details @if ($occasions !== [] || $errors->hasAny(['occasion', 'occasion_from', 'occasion_until', 'occasion_what', 'occasion_style_day'])) open @endif>
            <summary><h2>What is to come</h2></summary>
            <ul class="recent">@foreach ($occasions as $i => $occasion)<li class="set-day"><span><strong>@day($occasion['from'], 'j M')@if ($occasion['until'] !== $occasion['from']) to @day($occasion['until'], 'j M')@endif</strong> {{ __("nagomi.occasions.{$occasion['kind']}") }}{{ $occasion['what'] !== '' ? ': ' . $occasion['what'] : '' }}@if ($occasion['style_day']) <span class="reason">{{ __('plan.style-day', ['day' => $occasion['style_day']]) }}</span>@endif</span>
                <form method="post" action="{{ route('clients.plan.without', [$head, $i]) }}"><x-act/> @method('delete')<input type="hidden" name="seen" value="{{ $last->id ?? 0 }}"><button class="button is-small">Take out</button></form></li>@endforeach</ul>
            @foreach ($tooNear as $sentence)<p class="caution-line">{{ $sentence }}</p>@endforeach
            <form method="post" action="{{ route('clients.plan.occasion', $head) }}" class="asks" novalidate>
                <x-act/>
                <x-choice name="occasion" label="What" :options="__('nagomi.occasions')"/>
                <x-field name="occasion_from" label="From" type="date"/>
                <x-field name="occasion_until" label="Until" type="date"/>
                <x-field name="occasion_what" label="Called"/>
                <x-field name="occasion_style_day" :label="__('forms.style-day.label')" mode="numeric" :help="__('forms.style-day.help')"/>
                <button class="button">Note it</button>
            </form>
        </details>
        <details @if ($promise) open @endif>
            <summary><h2>Promised</h2></summary>
            @if ($promise)
                <p>Since {{ $promise->made_at->setTimezone($head->salon->timezone)->format('j M Y') }}, by {{ $promise->by }}. @if ($changes === [])It is kept to the day.@endif</p>
                @if ($changes !== [])<ul class="recent">@foreach ($changes as $change)<li>{{ $change }}</li>@endforeach</ul>@endif
            @else<p class="reason">Nothing is promised; the plan moves freely with every reading.</p>@endif
            <form method="post" action="{{ route('clients.plan-terms.promise', $head) }}"><x-act/><button class="button">{{ $promise ? 'Promise it anew as it stands' : 'Promise the plan as it stands' }}</button></form>
            @if ($promises->count() > 1)<details class="more-tests"><summary>Earlier promises</summary><ul class="recent">@foreach ($promises->skip($promise ? 1 : 0) as $earlier)<li>{{ $earlier->made_at->format('j M Y') }}, {{ $earlier->by }}: {{ count($earlier->items) }} treatments</li>@endforeach</ul></details>@endif
        </details>
    </div>
    <p class="note">Every {{ $every }} days{{ $head->minutes_limit ? ", at most {$head->minutes_limit} minutes" : '' }}; {{ (int) round($items->sum('minutes') / 60) }} hours in all. Left out, an item lets its band go on the day it says; the range holds four times of five.</p>
    @if ($outlook->clashes)
        <p class="wrong" role="status">On {{ count($outlook->clashes) === 1 ? 'one day' : count($outlook->clashes) . ' days' }} the rules leave no way open. Each says below what would free it.</p>
    @endif
    <ol class="season">
        @foreach ($items as $item)
            <li @class(['is-today' => $item->date->lessThanOrEqualTo($today)])>
                <div class="when">
                    <strong>{{ $item->date->format('j M') }}</strong>
                    <span>{{ $item->date->lessThanOrEqualTo($today) ? 'today' : $item->date->format('l') }}</span>
                </div>
                <div class="what">
                    <p><strong>@steps($item->steps)</strong>@if ($item->look) <span class="tag-look" title="The state is unsure by then">read first</span>@endif @if ($item->by_hand) <span class="tag-look">by hand</span>@endif</p>
                    @isset($booked[$item->date->format('Y-m-d')])<p class="in-salon"><a href="{{ route('bookings.show', $booked[$item->date->format('Y-m-d')]['id']) }}">{{ $booked[$item->date->format('Y-m-d')]['says'] }}</a></p>@endisset
                    @foreach ($reasons[$item->id] as $reason)<p class="reason">{{ $reason }}</p>@endforeach
                    @foreach ($item->broken as $rule)<p class="reason is-broken">{{ $item->by_hand ? 'Set by hand against a rule' : 'Breaks a rule, nothing else was open' }}: {{ $rule }}</p>@endforeach
                    @if ($item->clash)<p class="reason">To free it: {{ implode('; or ', $item->clash['frees']) }}.</p>@endif
                    @foreach (array_filter($bottles[$item->id] ?? [], fn (array $bottle): bool => $bottle['missing']) as $bottle)<p class="reason is-broken">{{ $bottle['says'] }}</p>@endforeach
                    <details>
                        <summary>All steps</summary>
                        <ol class="steps">@foreach ($item->steps as $place => $step)<li>@step($step)@if (! ($bottles[$item->id][$place]['missing'] ?? true)) <span class="reason">{{ $bottles[$item->id][$place]['says'] }}</span>@endif</li>@endforeach</ol>
                        <p class="reason">About {{ (int) round($item->broken_hairs) }} broken hairs are to be expected at its detangling.</p>
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
</x-layout>
