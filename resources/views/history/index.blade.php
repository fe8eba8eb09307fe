<x-layout :title="__('history.visits.title-of', ['name' => $called($head->name)])" :head="$head">
    <header class="page-head"><x-portrait :head="$head"/><div class="grow"><h1>{{ __('history.visits.title') }}</h1><p class="lead">{{ __('history.visits.lead') }} <span data-visits="{{ $visits->total() }}">{{ trans_choice('history.visits.count', $visits->total()) }}</span></p></div></header>
    @if ($visits->total() === 0)
        <p>{{ __('history.visits.none') }} <a href="{{ route('clients.hair-tests', $head) }}">{{ __('history.visits.first') }}</a>.</p>
    @else
        <ul class="items visits card">
            @foreach ($visits as $visit)
                <li>
                    <span class="when">{{ $dated($visit->date, 'j M Y') }}</span>
                    <span><a href="{{ route('clients.history.show', [$head, $visit]) }}">{{ __('history.visits.by', ['moment' => ucfirst(__("nagomi.moments.{$visit->moment}")), 'by' => $visit->by ?: __('history.visits.nobody')]) }}</a>
                        <span class="reason">{{ implode('; ', array_filter([$visit->undone_at ? __('history.visits.undone') : $visit->readings->pluck('test')->unique()->map(fn ($test) => lcfirst(__("nagomi.tests.{$test}")))->implode(', '), $visit->accounts_count > 1 ? trans_choice('history.visits.corrected', $visit->accounts_count - 1) : ''])) }}</span></span>
                    @unless ($visit->undone_at)<a class="button is-small" href="{{ route('clients.history.edit', [$head, $visit]) }}">{{ __('history.visits.correct') }}</a>@endunless
                </li>
            @endforeach
        </ul>
        <x-pager :of="$visits" :label="__('history.visits.pages')" :before="__('history.visits.later')" :after="__('history.visits.earlier')"/>
    @endif
    @reaches('clients.history.pdf')<h2>{{ __('whole-history.hand-over', ['name' => $called($head->name)]) }}</h2>
    <p class="objects"><a class="button" href="{{ route('clients.history.pdf', $head) }}" download>{{ __('whole-history.pdf') }}</a><a class="button" href="{{ route('clients.history.json', $head) }}" download>{{ __('whole-history.json') }}</a></p>@endreaches
</x-layout>
