<x-layout :title="'Wash for ' . $called($head->name)" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/wash.css') }}"></x-slot:scripts>
    @php($finish = $plan['finish_minutes'])
    @php($in = fn (float $minutes): string => $minutes < 60 ? round($minutes) . ' min' : intdiv((int) round($minutes), 60) . ' h ' . str_pad((string) ((int) round($minutes) % 60), 2, '0', STR_PAD_LEFT) . ' min')
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>Wash</h1><p class="lead">@if ($plan['planned_for'])The wash day planned for @day($plan['planned_for'], 'j M'), step by step.@else Nothing is planned; a gentle wash, step by step.@endif</p></div>
        @if ($running)<a class="button is-strong" href="{{ route('clients.wash.run', [$head, $running]) }}">Go on with the one that runs</a>@endif
    </header>
    @if ($draft && ! $running)<p class="worth">{{ __('wash.laid-out', ['by' => $draft->by, 'day' => $draft->created_at->setTimezone($head->salon->timezone)->format('j M, H:i')]) }} <a class="button" href="{{ route('clients.wash.run', [$head, $draft]) }}">{{ __('wash.go-on-laid-out') }}</a></p>@endif
    @php($isStyled = collect($plan['steps'])->contains('key', 'style'))
    @php($staysUp = ! $isStyled && ! collect($plan['steps'])->contains('key', 'section'))
    <p class="verdict-words">{{ __($isStyled ? 'wash.styled-after' : 'wash.washed-after', ['care' => $in($plan['care_minutes']), 'done' => $in($plan['done_minutes']), 'from' => $in($finish['p10']), 'to' => $in($finish['p90'])]) }}</p>
    <p class="reason">{{ $plan['minutes'] }}</p>
    @if ($staysUp)<p class="worth">{{ __('wash.stays-up') }} <a href="{{ route('clients.style', $head) }}">{{ __('wash.comes-down') }}</a></p>@endif
    @if ($styling === 'not-today' && ! $staysUp)<p class="worth">{{ __('wash.styled-later') }}</p>@endif
    @unless ($plan['fits'])<p class="caution-line"><strong>It does not fit into {{ round($plan['limit_minutes']) }} minutes.</strong> This is the shortest there is; take more time, or do part of it another day.</p>@endunless
    @if ($plan['changed'] !== [])
        <p class="worth"><strong>To fit {{ round($plan['limit_minutes']) }} minutes:</strong> {{ implode(', ', array_map(fn ($way) => __("nagomi.ways.{$way}"), $plan['changed'])) }}. {{ array_sum($plan['costs']) < 0.05 ? 'It costs the balance nothing.' : 'It costs ' . round($plan['costs']['moisture'], 1) . ' of moisture and ' . round($plan['costs']['protein'], 1) . ' of protein, of 100.' }}</p>
    @endif
    <x-scalp :head="$head"/>
    <form method="get" action="{{ route('clients.wash', $head) }}" class="asks" novalidate>
        <x-field name="limit" label="Time limit" unit="minutes" mode="numeric" :value="request('limit')" help="empty: as long as it takes"/>
        <x-choice name="drying" label="Drying" :options="__('nagomi.dryings')" :value="$drying"/>
        @unless ($staysUp)<x-choice name="styling" label="Styled" :options="__('nagomi.stylings')" :value="$styling"/>@endunless
        <button class="button">Update the steps</button>
    </form>
    @if ($memory)
        <section class="worked" aria-labelledby="worked">
            <h2 id="worked">{{ __('wash.worked.title', ['best' => $memory['best'], 'all' => $memory['best'] + $memory['others']]) }}</h2>
            @if ($memory['lines'] === [])<p class="reason">{{ __('wash.worked.nothing') }}</p>@endif
            <ul class="recent">@foreach ($memory['lines'] as $line)<li><strong>{{ $line['what'] }}</strong> <span class="reason">{{ $line['says'] }}</span></li>@endforeach</ul>
            <p class="reason">{{ __('wash.worked.counted') }} @if ($memory['lines'] !== [])<a href="{{ route('clients.trials', [$head, 'change' => $memory['lines'][0]['what']]) }}">{{ __('wash.worked.try') }}</a>@endif</p>
            @if ($memory['like'] && $memory['like']['session'] && ! $running)
                <form method="post" action="{{ route('clients.wash.begin', $head) }}"><x-act/><input type="hidden" name="like" value="{{ $memory['like']['session'] }}"><input type="hidden" name="drying" value="{{ $memory['like']['drying'] }}"><input type="hidden" name="styling" value="{{ $memory['like']['styling'] }}"><button class="button">{{ $memory['like']['says'] }}</button></form>
            @elseif ($memory['like'])<p><a class="button" href="{{ route('clients.wash', [$head, 'drying' => $memory['like']['drying'], 'styling' => $memory['like']['styling']]) }}">{{ $memory['like']['says'] }}</a></p>@endif
        </section>
    @endif
    <ol class="items basin-steps">
        @foreach ($plan['steps'] as $step)
            <li @class(['is-critical' => $step['critical']])>
                <span class="when">{{ $step['start_minutes'] === null ? 'after' : round($step['start_minutes']) . ' min' }}</span>
                <span><strong>{{ $step['label'] }}</strong>
                    @if ($step['product'])<span class="reason">{{ $step['product']['name'] }}, about {{ $step['product']['ml'] }} mL{{ $step['product']['pumps'] ? ', ' . $step['product']['pumps'] : '' }}. {{ $step['product']['care'] }} {{ $step['product']['because'] ?? '' }} {{ $step['product']['passed'] ?? '' }}</span>@elseif ($step['missing'] ?? null)<span class="reason is-broken">{{ $step['missing'] }}</span>@endif
                    @foreach ($step['watch'] as $sentence)<span class="reason">{{ $sentence }}</span>@endforeach</span>
                <span class="minutes">{{ round($step['hands_on_minutes']) }} min hands-on{{ $step['waiting_minutes'] > 0 ? ', ' . round($step['waiting_minutes']) . ' min processing' : '' }}@if ($step['critical'])<span class="is-sr-only">, the finish hangs on it</span>@endif</span>
            </li>
        @endforeach
    </ol>
    <p class="legend"><span><i class="critical-bar"></i>the finish hangs on it</span></p>
    <p class="reason">@foreach ($plan['pace']['says'] as $sentence){{ $sentence }} @endforeach</p>
    @php($cents = collect($plan['steps'])->pluck('product.cost_cents')->filter()->sum())
    @if ($cents > 0)<p class="reason">Products for this day: about @money($cents), by the price of each bottle.</p>@endif
    @if ($foretold !== [])
        <details class="more-tests"><summary>How well the last {{ count($foretold) === 1 ? "wash day was" : count($foretold) . " wash days were" }} foretold: {{ count(array_filter($foretold, fn ($day) => $day['within'])) }} within their range, off by {{ round(array_sum(array_map(fn ($day) => abs($day['actual'] - $day['expected']), $foretold)) / count($foretold)) }} minutes on average</summary>
            <ul class="recent">@foreach ($foretold as $day)<li>{{ $day['date'] }}: {{ round($day['expected']) }} minutes expected, {{ round($day['actual']) }} taken{{ $day['within'] ? '' : ', outside its range' }}</li>@endforeach</ul>
        </details>
    @endif
    <form method="post" action="{{ route('clients.wash.begin', $head) }}" class="save">
        <x-act/>
        <input type="hidden" name="limit" value="{{ request('limit') }}"><input type="hidden" name="drying" value="{{ $drying }}"><input type="hidden" name="styling" value="{{ $styling }}">
        <button @class(['button', 'is-large', 'is-strong' => ! $draft])>{{ __($draft && ! $running ? 'wash.begin-as-planned' : 'wash.lay-out.begin') }}</button>
        @unless ($running || $draft)<button class="button is-large" name="change" value="1">{{ __('wash.change-first') }}</button>@endunless
    </form>
</x-layout>
