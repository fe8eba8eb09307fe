<x-layout :title="__('wash.set-up.title-of', ['name' => $called($head->name)])" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/wash.css') }}"></x-slot:scripts>
    @php($finish = $plan['finish_minutes'])
    @php($in = fn (float $minutes): string => $minutes < 60 ? __('wash.set-up.duration', ['minutes' => round($minutes)]) : __('wash.set-up.duration-long', ['hours' => intdiv((int) round($minutes), 60), 'minutes' => str_pad((string) ((int) round($minutes) % 60), 2, '0', STR_PAD_LEFT)]))
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>{{ __('wash.set-up.title') }}</h1><p class="lead">@if ($plan['planned_for']){{ __('wash.set-up.planned', ['day' => $day]) }}@else{{ __('wash.set-up.unplanned') }}@endif</p></div>
        @if ($running)<a class="button is-strong" href="{{ route('clients.wash.run', [$head, $running]) }}">{{ __($isLeftOpen ? 'wash.open.link' : 'wash.set-up.go-on') }}</a>@endif
    </header>
    @if ($isLeftOpen)<p class="caution-line">{{ __('wash.open.first') }}</p>@endif
    @if ($draft && ! $running)<p class="worth">{{ __('wash.laid-out', ['by' => $draft->by, 'day' => $dated($draft->created_at->setTimezone($head->salon->timezone), 'j M, G:i')]) }} <a class="button" href="{{ route('clients.wash.run', [$head, $draft]) }}">{{ __('wash.go-on-laid-out') }}</a></p>@endif
    @php($isStyled = collect($plan['steps'])->contains('key', 'style'))
    @php($staysUp = ! $isStyled && ! collect($plan['steps'])->contains('key', 'section'))
    <x-scalp :head="$head"/>
    <section class="card wash-plan">
        <p class="verdict-words">{{ __($isStyled ? 'wash.styled-after' : 'wash.washed-after', ['care' => $in($plan['care_minutes']), 'done' => $in($plan['done_minutes']), 'from' => $in($finish['p10']), 'to' => $in($finish['p90'])]) }}</p>
        <p class="reason">{{ $plan['minutes'] }}</p>
        @if ($staysUp)<p class="worth">{{ __('wash.stays-up') }} <a href="{{ route('clients.style', $head) }}">{{ __('wash.comes-down') }}</a></p>@endif
        @if ($styling === 'not-today' && ! $staysUp)<p class="worth">{{ __('wash.styled-later') }}</p>@endif
        @unless ($plan['fits'])<p class="caution-line"><strong>{{ __('wash.set-up.too-short', ['minutes' => round($plan['limit_minutes'])]) }}</strong> {{ __('wash.set-up.too-short-do') }}</p>@endunless
        @if ($plan['changed'] !== [])
            <p class="worth"><strong>{{ __('wash.set-up.to-fit', ['minutes' => round($plan['limit_minutes'])]) }}</strong> {{ implode(', ', array_map(fn ($way) => __("nagomi.ways.{$way}"), $plan['changed'])) }}. {{ array_sum($plan['costs']) < 0.05 ? __('wash.set-up.costs-nothing') : __('wash.set-up.costs', ['moisture' => round($plan['costs']['moisture'], 1), 'protein' => round($plan['costs']['protein'], 1)]) }}</p>
        @endif
        <svg class="day-line" viewBox="0 0 {{ $line::WIDTH }} {{ $line::HEIGHT }}" role="img" aria-label="{{ __('wash.set-up.line') }}">
            @foreach ($line->alone as $bar)<rect class="day-alone" x="{{ $bar['x'] }}" y="{{ $line::ALONE_Y }}" width="{{ $bar['width'] }}" height="{{ $line::BAR }}" rx="8"><title>{{ $bar['says'] }}</title></rect>@endforeach
            @foreach ($line->hands as $bar)<rect class="day-hands" x="{{ $bar['x'] }}" y="{{ $line::HANDS_Y }}" width="{{ $bar['width'] }}" height="{{ $line::BAR }}" rx="4"><title>{{ $bar['says'] }}</title></rect>@endforeach
            @foreach ($line->ticks as $tick)<text class="tick is-{{ $tick['at'] }}" x="{{ $tick['x'] }}" y="{{ $line::HEIGHT - 3 }}">{{ $tick['label'] }}</text>@endforeach
        </svg>
        <p class="legend"><span><i class="day-key is-hands"></i>{{ __('wash.set-up.hands') }}</span><span><i class="day-key is-alone"></i>{{ __('wash.set-up.alone') }}</span></p>
        <details @if (request()->hasAny(['limit', 'drying', 'styling'])) open @endif><summary>{{ __('wash.set-up.change') }}</summary>
            <form method="get" action="{{ route('clients.wash', $head) }}" class="asks" novalidate>
                <x-field name="limit" :label="__('wash.set-up.limit')" :unit="__('wash.set-up.minutes')" mode="numeric" :value="request('limit')" :help="__('wash.set-up.limit-help')"/>
                <x-choice name="drying" :label="__('wash.set-up.drying')" :options="__('nagomi.dryings')" :value="$drying"/>
                @unless ($staysUp)<x-choice name="styling" :label="__('wash.set-up.styled')" :options="__('nagomi.stylings')" :value="$styling"/>@endunless
                <button class="button">{{ __('wash.set-up.update') }}</button>
            </form>
        </details>
        <x-picture-help of="wash-line"/>
    </section>
    @if ($memory)
        <section class="card worked" aria-labelledby="worked">
            <h2 id="worked">{{ __('wash.worked.title', ['best' => $memory['best'], 'all' => $memory['best'] + $memory['others']]) }}</h2>
            @if ($memory['lines'] === [])<p class="reason">{{ __('wash.worked.nothing') }}</p>@endif
            <ul class="recent">@foreach ($memory['lines'] as $one)<li><strong>{{ $one['what'] }}</strong> <span class="reason">{{ $one['says'] }}</span></li>@endforeach</ul>
            <p class="reason">{{ __('wash.worked.counted') }} @if ($memory['lines'] !== [])<a href="{{ route('clients.trials', [$head, 'change' => $memory['lines'][0]['what']]) }}">{{ __('wash.worked.try') }}</a>@endif</p>
            @if ($memory['like'] && $memory['like']['session'] && ! $running)
                <form method="post" action="{{ route('clients.wash.begin', $head) }}"><x-act/><input type="hidden" name="like" value="{{ $memory['like']['session'] }}"><input type="hidden" name="drying" value="{{ $memory['like']['drying'] }}"><input type="hidden" name="styling" value="{{ $memory['like']['styling'] }}"><button class="button">{{ $memory['like']['says'] }}</button></form>
            @elseif ($memory['like'])<p><a class="button" href="{{ route('clients.wash', [$head, 'drying' => $memory['like']['drying'], 'styling' => $memory['like']['styling']]) }}">{{ $memory['like']['says'] }}</a></p>@endif
        </section>
    @endif
    <section class="card" aria-labelledby="steps-of">
    <h2 id="steps-of">{{ trans_choice('wash.set-up.steps', count($plan['steps'])) }}</h2>
    <ol class="items basin-steps">
        @foreach ($plan['steps'] as $step)
            <li @class(['is-critical' => $step['critical']])>
                <span class="when">{{ $step['start_minutes'] === null ? __('wash.set-up.after') : __('wash.set-up.at', ['minutes' => round($step['start_minutes'])]) }}</span>
                <span><strong>{{ $said($step['label']) }}</strong>
                    @if ($step['product'])<span class="reason">{{ __($step['product']['pumps'] ? 'wash.set-up.product-pumps' : 'wash.set-up.product', ['name' => $step['product']['name'], 'ml' => $step['product']['ml'], 'pumps' => $step['product']['pumps']]) }}. {{ $step['product']['care'] }} {{ $step['product']['because'] ?? '' }} {{ $step['product']['passed'] ?? '' }}</span>@elseif ($step['missing'] ?? null)<span class="reason is-broken">{{ $step['missing'] }}</span>@endif
                    @foreach ($step['watch'] as $sentence)<span class="reason">{{ $said($sentence) }}</span>@endforeach</span>
                <span class="minutes">{{ __($step['waiting_minutes'] > 0 ? 'wash.set-up.hands-and-alone' : 'wash.set-up.hands-on', ['minutes' => round($step['hands_on_minutes']), 'alone' => round($step['waiting_minutes'])]) }}@unless ($step['critical'])<span class="is-sr-only">, {{ __('wash.set-up.beside') }}</span>@endunless</span>
            </li>
        @endforeach
    </ol>
    <p class="legend"><span><i class="critical-bar"></i>{{ __('wash.set-up.critical') }}</span></p>
    <p class="reason">@foreach ($plan['pace']['says'] as $sentence){{ $sentence }} @endforeach</p>
    @if ($cents > 0)<p class="reason">{{ __('wash.set-up.products-cost', ['money' => $money]) }}</p>@endif
    @if ($foretold !== [])
        <details><summary>{{ trans_choice('wash.set-up.foretold', count($foretold), ['within' => count(array_filter($foretold, fn ($one) => $one['within'])), 'off' => round(array_sum(array_map(fn ($one) => abs($one['actual'] - $one['expected']), $foretold)) / count($foretold))]) }}</summary>
            <ul class="recent">@foreach ($foretold as $one)<li>{{ __('wash.set-up.foretold-day', ['day' => $one['date'], 'expected' => round($one['expected']), 'taken' => round($one['actual'])]) }}{{ $one['within'] ? '' : __('wash.set-up.outside') }}</li>@endforeach</ul>
        </details>
    @endif
    </section>
    @unless ($isLeftOpen)
    <form method="post" action="{{ route('clients.wash.begin', $head) }}" class="save">
        <x-act/>
        <input type="hidden" name="limit" value="{{ request('limit') }}"><input type="hidden" name="drying" value="{{ $drying }}"><input type="hidden" name="styling" value="{{ $styling }}">
        <button @class(['button', 'is-large', 'is-strong' => ! $draft])>{{ __($draft && ! $running ? 'wash.begin-as-planned' : 'wash.lay-out.begin') }}</button>
        @unless ($running || $draft)<button class="button is-large" name="change" value="1">{{ __('wash.change-first') }}</button>@endunless
    </form>
    @endunless
</x-layout>
