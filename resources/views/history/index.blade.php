<x-layout :title="'Visits of ' . $called($head->name)" :head="$head">
    <header class="page-head"><x-portrait :head="$head"/><div class="grow"><h1>Visits</h1><p class="lead">Each sitting of hair tests, the latest first.</p></div></header>
    @if ($visits->isEmpty())
        <p>Nothing was read yet. <a href="{{ route('clients.hair-tests', $head) }}">Take the first readings</a>.</p>
    @else
        <ul class="items visits">
            @foreach ($visits as $visit)
                <li>
                    <span class="when">{{ $visit->date->format('j M Y') }}</span>
                    <span><a href="{{ route('clients.history.show', [$head, $visit]) }}">{{ __("nagomi.moments.{$visit->moment}") }}</a> by {{ $visit->by ?: 'somebody unnamed' }}
                        <span class="reason">{{ $visit->undone_at ? 'undone' : $visit->readings->pluck('test')->unique()->map(fn ($test) => lcfirst(__("nagomi.tests.{$test}")))->implode(', ') }}{{ $visit->accounts_count > 1 ? '; written again ' . ($visit->accounts_count - 1) . ($visit->accounts_count === 2 ? ' time' : ' times') : '' }}</span></span>
                    @unless ($visit->undone_at)<a class="button is-small" href="{{ route('clients.history.edit', [$head, $visit]) }}">Correct</a>@endunless
                </li>
            @endforeach
        </ul>
    @endif
</x-layout>
