<x-layout :title="'Season of ' . $head->name" :head="$head">
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>Season</h1><p class="lead">{{ $outlook->verdict }}</p></div>
        <a class="button" href="{{ route('heads.what-if', $head) }}" data-key="f">What if <kbd>f</kbd></a>
        <a class="button" href="{{ route('heads.terms', $head) }}" data-key="t">Terms <kbd>t</kbd></a>
        <a class="button" href="{{ route('heads.calendar', $head) }}" download>Take to my calendar (.ics)</a>
    </header>
    <p class="note">Every {{ $head->wash_every_days }} days{{ $head->minutes_limit ? ", at most {$head->minutes_limit} minutes" : '' }}; {{ (int) round($items->sum('minutes') / 60) }} hours in all. Left out, an item lets its band go on the day it says; the range holds four times of five.</p>
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
                    <p><strong>{{ App\Care\StepWords::summary($item->steps) }}</strong>@if ($item->look) <span class="tag-look" title="The state is unsure by then">read first</span>@endif @if ($item->by_hand) <span class="tag-look">by hand</span>@endif</p>
                    @foreach ($item->reasons as $reason)<p class="reason">{{ $reason }}</p>@endforeach
                    @foreach ($item->broken as $rule)<p class="reason is-broken">{{ $item->by_hand ? 'Set by hand against a rule' : 'Breaks a rule, nothing else was open' }}: {{ $rule }}</p>@endforeach
                    @if ($item->clash)<p class="reason">To free it: {{ implode('; or ', $item->clash['frees']) }}.</p>@endif
                    <details>
                        <summary>All steps</summary>
                        <ol class="steps">@foreach ($item->steps as $step)<li>{{ App\Care\StepWords::line($step) }}</li>@endforeach</ol>
                        <p class="reason">About {{ (int) round($item->broken_hairs) }} broken hairs are to be expected at its detangling.</p>
                    </details>
                </div>
                <div class="minutes">{{ (int) $item->minutes }} min</div>
            </li>
        @endforeach
    </ol>
</x-layout>
