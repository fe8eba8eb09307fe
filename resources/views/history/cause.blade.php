<x-layout :title="__('history.cause.title-of', ['name' => $called($head->name)])" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/pictures.css') }}"></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>{{ __('history.cause.title') }}</h1><p class="lead">{{ __('nagomi.cause.lead', ['weeks' => $weeks, 'days' => 7 * $weeks]) }}</p></div>
        <a class="button" href="{{ route('clients.trends', $head) }}">{{ __('history.cause.back') }}</a>
    </header>
    <nav class="joined" aria-label="{{ __('history.cause.complaint') }}">
        @foreach ($choices as $choice)
            <a href="{{ route('clients.history.cause', [$head, 'of' => $choice]) }}" @if ($choice === $of) aria-current="true" @endif>{{ __("history.cause.of.{$choice}") }}</a>
        @endforeach
    </nav>
    @if ($next)<p class="verdict-words">{{ $next }}</p>@endif
    @if (! $next)<p class="verdict-words">{{ __('nagomi.cause.nothing') }}</p>@endif
    @if ($causes !== [])
        <section @class(['card', 'causes', 'is-moisture' => $of === 'dryness', 'is-protein' => $of === 'weakness']) aria-labelledby="moved">
            <h2 id="moved">{{ __("history.cause.moved.{$of}") }}</h2>
            <p class="legend"><span><i class="dot dot-before"></i>{{ __('history.cause.before', ['weeks' => $weeks]) }}</span><span><i class="dot dot-lately"></i>{{ __('history.cause.lately', ['weeks' => $weeks]) }}</span><span>{{ __("history.cause.sides.{$of}") }}</span></p>
            <ul>
            @foreach ($causes as $at => $cause)
                @php($bar = $bars->bars[$at])
                <li>
                    <p><strong>{{ ucfirst($cause->words) }}</strong>@if ($cause->isWorse) <span class="tag-look is-broken">{{ __('history.cause.worse') }}</span>@endif @if (array_sum($cause->times) > 0)<span class="reason">{{ __('history.cause.times', ['before' => trans_choice('nagomi.cause.times', $cause->times[0]), 'lately' => trans_choice('nagomi.cause.times', $cause->times[1])]) }}</span>@endif</p>
                    <svg class="cause-bars" viewBox="0 0 {{ $bars::WIDTH }} 28" preserveAspectRatio="none" aria-hidden="true"><rect class="cause-before" x="{{ $bar['before'][0] }}" y="2" width="{{ $bar['before'][1] }}" height="10"/><rect class="cause-lately" x="{{ $bar['lately'][0] }}" y="16" width="{{ $bar['lately'][1] }}" height="10"/><line class="axis" x1="{{ $bars->zero }}" x2="{{ $bars->zero }}" y1="0" y2="28"/></svg>
                    <p class="num"><span class="is-sr-only">{{ __('history.cause.before', ['weeks' => $weeks]) }}</span> @number($cause->before) <span aria-hidden="true">→</span><span class="is-sr-only">, {{ __('history.cause.lately', ['weeks' => $weeks]) }}</span> @number($cause->lately)<span class="is-sr-only">: </span> <strong>{{ $cause->change > 0 ? '+' : '' }}@number($cause->change)</strong></p>
                </li>
            @endforeach
            </ul>
            <p class="note">{{ __('history.cause.share', ['unit' => __("history.cause.units.{$of}"), 'chance' => __('nagomi.cause.chance')]) }}</p>
        </section>
    @endif
    <section class="card" aria-labelledby="ask">
        <h2 id="ask">{{ __('history.cause.ask') }}</h2>
        <ol class="steps">@foreach ($ask as $question)<li>{{ $question }}</li>@endforeach</ol>
        <p class="note">{{ __('history.cause.one-thing') }}</p>
    </section>
</x-layout>
