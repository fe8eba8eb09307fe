<x-layout :title="'What a visit of ' . $called($head->name) . ' told'" :head="$head">
    <x-slot:scripts><script type="module" src="{{ asset('js/screens/history.js') }}"></script></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>Results</h1><p class="lead">{{ $visit->date->format('l, j F Y') }}, {{ __("nagomi.moments.{$visit->moment}") }}, read by {{ $visit->by ?: 'somebody unnamed' }}</p></div>
    </header>
    @if ($visit->undone_at)<p class="caution-line">This visit was undone; its readings count no more. What it said stands here as it was.</p>@endif
    @if ($account)
        <section class="told" data-draft-done="{{ $head->id }} {{ $visit->moment }}">
            @if ($account->because !== '')<p class="reason wide">{{ $earlier->isEmpty() ? '' : 'Written again by ' . $account->by . ' on ' . $account->written_at->setTimezone($head->salon->timezone)->format('j M Y, H:i') . ': ' }}{{ $account->because }}</p>@endif
            @include('history.statement', ['account' => $account->account, 'live' => $visit->undone_at === null])
            @if ($visit->skipped !== [])
                <p class="reason skipped">Left out: @foreach ($visit->skipped as $test => $reason){{ lcfirst(__("nagomi.tests.{$test}")) }} ({{ __("nagomi.skips.{$reason}") }}){{ $loop->last ? '.' : ', ' }}@endforeach</p>
            @endif
            <div class="more">
                <a class="button is-strong" href="{{ route('clients.now', $head) }}">See the balance</a>
                @foreach (['before-cleansing' => 'after-cleansing', 'after-cleansing' => 'after-styling'] as $at => $next)
                    @if ($visit->moment === $at)<a class="button" href="{{ route('clients.hair-tests', [$head, 'moment' => $next]) }}">Read on {{ __("nagomi.moments.{$next}") }}</a>@endif
                @endforeach
                <button type="button" class="button" data-print hidden>Print this summary</button>
                @unless ($visit->undone_at)
                    <a class="button" href="{{ route('clients.history.edit', [$head, $visit]) }}">Correct this visit</a>
                    <form method="post" action="{{ route('clients.history.undo', [$head, $visit]) }}"><x-act/> @method('delete')<button class="button">Undo this visit</button></form>
                @endunless
            </div>
        </section>
    @endif
    @if ($beside !== [])
        <section class="side-by-side">
            <h2>Same-day double checks</h2>
            <x-wide-table label="Same-day double checks"><table class="table compare">
                <thead><tr><th scope="col">Sign</th><th scope="col" class="num">{{ $visit->by ?: 'unnamed' }}</th><th scope="col" class="num">the other</th><th scope="col">who</th></tr></thead>
                <tbody>@foreach ($beside as $pair)<tr><td>{{ __("nagomi.signs.{$pair['sign']}") }}, {{ __("nagomi.sign_units.{$pair['sign']}") }}</td><td class="num">@number($pair['mine'])</td><td class="num">@number($pair['theirs'])</td><td>{{ $pair['by'] ?: 'unnamed' }}</td></tr>@endforeach</tbody>
            </table></x-wide-table>
            <p class="reason">How alike the team reads stands under <a href="{{ route('reports.team') }}">Team</a>.</p>
        </section>
    @endif
    @foreach ($earlier as $before)
        <details class="more-tests earlier">
            <summary>What it said on {{ $before->written_at->setTimezone($head->salon->timezone)->format('j M Y, H:i') }}, written by {{ $before->by }}</summary>
            @include('history.statement', ['account' => $before->account, 'live' => false])
        </details>
    @endforeach
</x-layout>
