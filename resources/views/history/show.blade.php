<x-layout :title="__('history.results.title-of', ['name' => $called($head->name)])" :head="$head">
    <x-slot:scripts><script type="module" src="{{ asset('js/screens/history.js') }}"></script></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>{{ __('history.results.title') }}</h1><p class="lead">{{ __('history.results.lead', ['day' => $dated($visit->date, 'l, j F Y'), 'moment' => __("nagomi.moments.{$visit->moment}"), 'by' => $visit->by ?: __('history.visits.nobody')]) }}</p></div>
    </header>
    @if ($visit->undone_at)<p class="caution-line">{{ __('history.results.undone') }}</p>@endif
    @if ($account)
        <div class="told-page" data-draft-done="{{ $head->id }} {{ $visit->moment }}">
            @if ($account->because !== '')<p class="reason">{{ $earlier->isEmpty() ? $account->because : __('history.results.again', ['by' => $account->by, 'day' => $dated($account->written_at->setTimezone($head->salon->timezone), 'j M Y, G:i'), 'because' => $account->because]) }}</p>@endif
            <x-results :head="$head" :statement="$account" :live="$visit->undone_at === null"/>
            @if ($visit->skipped !== [])
                <p class="reason skipped">{{ __('history.results.left-out', ['tests' => collect($visit->skipped)->map(fn ($reason, $test) => __('history.results.skipped', ['test' => lcfirst(__("nagomi.tests.{$test}")), 'why' => __("nagomi.skips.{$reason}")]))->implode(', ')]) }}</p>
            @endif
            <div class="more">
                <a class="button is-strong" href="{{ route('clients.now', $head) }}">{{ __('history.results.see') }}</a>
                @foreach (['before-cleansing' => 'after-cleansing', 'after-cleansing' => 'after-styling'] as $at => $next)
                    @if ($visit->moment === $at)<a class="button" href="{{ route('clients.hair-tests', [$head, 'moment' => $next]) }}">{{ __('history.results.go-on', ['moment' => __("nagomi.moments.{$next}")]) }}</a>@endif
                @endforeach
                <button type="button" class="button" data-print hidden>{{ __('history.results.print') }}</button>
                @unless ($visit->undone_at)
                    <a class="button" href="{{ route('clients.history.edit', [$head, $visit]) }}">{{ __('history.results.correct') }}</a>
                    <form method="post" action="{{ route('clients.history.undo', [$head, $visit]) }}"><x-act/> @method('delete')<button class="button">{{ __('history.results.undo') }}</button></form>
                @endunless
            </div>
        </div>
    @endif
    @if ($beside !== [])
        <section class="side-by-side">
            <h2>{{ __('history.double.title') }}</h2>
            <x-wide :label="__('history.double.title')"><table class="table compare">
                <thead><tr><th scope="col">{{ __('history.double.sign') }}</th><th scope="col" class="num">{{ $visit->by ?: __('history.double.unnamed') }}</th><th scope="col" class="num">{{ __('history.double.other') }}</th><th scope="col">{{ __('history.double.who') }}</th></tr></thead>
                <tbody>@foreach ($beside as $pair)<tr><td>{{ __("nagomi.signs.{$pair['sign']}") }}, {{ __("nagomi.sign_units.{$pair['sign']}") }}</td><td class="num">@number($pair['mine'])</td><td class="num">@number($pair['theirs'])</td><td>{{ $pair['by'] ?: __('history.double.unnamed') }}</td></tr>@endforeach</tbody>
            </table></x-wide>
            <p class="reason">{{ __('history.double.team') }} <a href="{{ route('reports.team') }}">{{ __('history.double.team-link') }}</a>.</p>
        </section>
    @endif
    @foreach ($earlier as $before)
        <details class="more-tests earlier">
            <summary>{{ __('history.results.earlier', ['day' => $dated($before->written_at->setTimezone($head->salon->timezone), 'j M Y, G:i'), 'by' => $before->by]) }}</summary>
            <x-results :head="$head" :statement="$before" :live="false"/>
        </details>
    @endforeach
</x-layout>
