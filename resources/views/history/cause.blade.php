<x-layout :title="__('history.cause.title-of', ['name' => $called($head->name)])" :head="$head">
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>{{ __('history.cause.title') }}</h1><p class="lead">{{ __('nagomi.cause.lead', ['weeks' => $weeks, 'days' => 7 * $weeks]) }}</p></div>
        <a class="button" href="{{ route('clients.trends', $head) }}">{{ __('history.cause.back') }}</a>
    </header>
    <nav class="joined" aria-label="{{ __('history.cause.complaint') }}">
        @foreach ($choices as $choice)
            <a href="{{ route('clients.history.cause', [$head, 'of' => $choice]) }}" @if ($choice === $of) aria-current="true" @endif>{{ $choice }}</a>
        @endforeach
    </nav>
    @if ($next)<p class="verdict-words">{{ $next }}</p>@endif
    @if ($causes !== [])
        <x-wide-table :label="__('history.cause.worse')">
        <table class="table book is-fullwidth">
            <caption class="is-sr-only">{{ __('history.cause.caption') }}</caption>
            <thead><tr><th scope="col">{{ __('history.cause.worse') }}</th><th scope="col" class="num">{{ __('history.cause.before', ['weeks' => $weeks]) }}</th><th scope="col" class="num">{{ __('history.cause.lately', ['weeks' => $weeks]) }}</th><th scope="col" class="num">{{ __('history.cause.change') }}</th></tr></thead>
            <tbody>
            @foreach ($causes as $cause)
                <tr><td>{{ $cause['words'] }}</td>
                    <td class="num">@number($cause['before']) @if (array_sum($cause['times']) > 0)<span class="unit">{{ trans_choice('nagomi.cause.times', $cause['times']['before']) }}</span>@endif</td>
                    <td class="num">@number($cause['lately']) @if (array_sum($cause['times']) > 0)<span class="unit">{{ trans_choice('nagomi.cause.times', $cause['times']['lately']) }}</span>@endif</td>
                    <td class="num"><strong>{{ $cause['change'] > 0 ? '+' : '' }}@number($cause['change'])</strong></td></tr>
            @endforeach
            </tbody>
        </table>
        </x-wide-table>
        <p class="note">{{ __('history.cause.share', ['unit' => __("history.cause.units.{$of}"), 'chance' => __('nagomi.cause.chance')]) }}</p>
    @else
        <div class="empty"><p>{{ __('nagomi.cause.nothing') }}</p></div>
    @endif
    <section aria-labelledby="ask">
        <h2 id="ask">{{ __('history.cause.ask') }}</h2>
        <ol class="steps">@foreach ($ask as $question)<li>{{ $question }}</li>@endforeach</ol>
        <p class="note">{{ __('history.cause.one-thing') }}</p>
    </section>
</x-layout>
