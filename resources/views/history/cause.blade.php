<x-layout :title="'Causes, for ' . $called($head->name)" :head="$head">
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>Why has it changed?</h1><p class="lead">{{ __('nagomi.cause.lead', ['weeks' => $weeks, 'days' => 7 * $weeks]) }}</p></div>
        <a class="button" href="{{ route('clients.trends', $head) }}">Back to the trends</a>
    </header>
    <nav class="filters" aria-label="Complaint">
        @foreach ($choices as $choice)
            <a @class(['button', 'is-strong' => $choice === $of]) href="{{ route('clients.history.cause', [$head, 'of' => $choice]) }}" @if ($choice === $of) aria-current="true" @endif>{{ $choice }}</a>
        @endforeach
    </nav>
    @if ($next)<p class="verdict-words">{{ $next }}</p>@endif
    @if ($causes !== [])
        <x-wide-table label="Changed for the worse">
        <table class="table book is-fullwidth">
            <caption class="is-sr-only">What changed for the worse, largest first, in units of {{ $of === 'breakage' ? 'wear' : 'reserve' }}</caption>
            <thead><tr><th scope="col">Changed for the worse</th><th scope="col" class="num">{{ $weeks }} weeks before</th><th scope="col" class="num">last {{ $weeks }} weeks</th><th scope="col" class="num">change</th></tr></thead>
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
        <p class="note">In units of {{ $of === 'breakage' ? 'wear' : ($of === 'dryness' ? 'moisture' : 'protein') }}, over the whole head by share of hair. {{ __('nagomi.cause.chance') }}</p>
    @else
        <div class="empty"><p>{{ __('nagomi.cause.nothing') }}</p></div>
    @endif
    <section aria-labelledby="ask">
        <h2 id="ask">Questions to ask</h2>
        <ol class="steps">@foreach ($ask as $question)<li>{{ $question }}</li>@endforeach</ol>
        <p class="note">Change one thing, and judge it after three or four wash days: changed together, nobody learns what helped.</p>
    </section>
</x-layout>
