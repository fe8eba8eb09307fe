<x-layout :title="__('learned.title')">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/pictures.css') }}">@if ($percent !== null)<script type="module" src="{{ asset('js/screens/learned.js') }}"></script>@endif</x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ __('learned.title') }}</h1><p class="lead">{{ __('learned.lead') }}</p></div><x-salon-places/></header>
    @error('learned')<p class="wrong" role="alert">{{ $message }}</p>@enderror
    <section class="card report-news" aria-labelledby="results">
        <h2 id="results">{{ __('learned.results.title') }}</h2>
        @if ($results->verdict !== '')<p class="verdict-words">{{ $results->verdict }}</p>@endif
        @foreach ($results->says as $sentence)<p class="caution-line">{{ $sentence }}</p>@endforeach
        <p>{{ $results->all }}</p>
        @if ($results->plans !== '')<p>{{ $results->plans }}</p>@endif
        @foreach ($results->notes as $sentence)<p class="reason">{{ $sentence }}</p>@endforeach
        @if ($results->picture !== null)
            <svg class="shares tenths" viewBox="0 0 {{ $results->picture::WIDTH }} {{ $results->picture::HEIGHT }}" role="img" aria-label="{{ __('learned.results.picture', ['columns' => implode(', ', array_column($results->picture->columns, 'percent'))]) }}">
                @foreach ($results->picture->columns as $column)<rect class="share-column" x="{{ $column['x'] }}" y="{{ $column['y'] }}" width="{{ $column['width'] }}" height="{{ $column['height'] }}"/>@endforeach
                <line class="learned-shipped" x1="0" x2="{{ $results->picture::WIDTH }}" y1="{{ $results->picture->even }}" y2="{{ $results->picture->even }}"/>
                <text class="share-word is-first" x="4" y="{{ $results->picture::HEIGHT - 8 }}">{{ __('learned.results.below') }}</text>
                <text class="share-word is-axis" x="{{ $results->picture::WIDTH - 4 }}" y="{{ $results->picture::HEIGHT - 8 }}">{{ __('learned.results.above') }}</text>
            </svg>
            <details class="picture-help"><summary>{{ __('picture-help.title') }}</summary><p>{{ __('learned.results.help') }}</p></details>
            <details><summary>{{ __('learned.results.numbers') }}</summary>
                @foreach ($results->tables as $table)
                <x-wide :label="$table['name']">
                <table class="table book is-fullwidth">
                    <thead><tr><th scope="col">{{ $table['name'] }}</th>@foreach (['results', 'held', 'above'] as $column)<th scope="col" class="num">{{ __("learned.results.column.{$column}") }}</th>@endforeach</tr></thead>
                    <tbody>@foreach ($table['rows'] as $row)<tr><th scope="row">{{ $row['name'] }}</th><td class="num">{{ $row['results'] }}</td><td class="num">{{ $row['held'] }}</td><td class="num">{{ $row['above'] }}</td></tr>@endforeach</tbody>
                </table>
                </x-wide>
                @endforeach
            </details>
        @endif
    </section>
    <section class="card report-news" id="learning" aria-label="{{ __('learned.title') }}">
        <p class="verdict-words">{{ $now }}</p>
        @if ($percent !== null)
            <p role="status">{{ __('learned.under-way', ['percent' => $percent]) }}</p>
            <progress class="learning-progress" max="100" value="{{ $percent }}" aria-label="{{ __('learned.under-way', ['percent' => $percent]) }}">{{ $percent }} %</progress>
            <p><a class="button" href="{{ route('salon.learned') }}">{{ __('learned.look') }}</a></p>
        @else
            @if ($failed)<p class="wrong" role="status">{{ __('learned.failed') }}</p>@endif
            @if ($last !== null)<p>{{ $from }} {{ $held }}</p>@endif
            @if ($few !== '')<p>{{ $few }}</p>@endif
            <div class="more">
                @reaches('salon.learned.use')
                @if ($last !== null && ! $last->isUsed())<form method="post" action="{{ route('salon.learned.use', $last) }}"><x-act/> @method('put')<button @class(['button', 'is-strong' => $isBetter]) aria-describedby="use-note">{{ __('learned.use') }}</button></form>@endif
                @if ($few === '')<form method="post" action="{{ route('salon.learned.ask') }}"><x-act/><button @class(['button', 'is-strong' => $last === null])>{{ __($last === null ? 'learned.ask' : 'learned.again') }}</button></form>@endif
                @if ($used !== null)<form method="post" action="{{ route('salon.learned.leave') }}"><x-act/> @method('delete')<button class="button">{{ __('learned.leave') }}</button></form>@endif
                @endreaches
            </div>
            @if ($last !== null && ! $last->isUsed())<p class="reason" id="use-note">{{ __('learned.use-note') }}</p>@endif
        @endif
    </section>
    @if ($rows !== [])
    <section class="card" aria-labelledby="numbers">
        <h2 id="numbers">{{ __('learned.numbers-title') }}</h2>
        <ul class="learned">
        @foreach ($rows as $row)
            <li>
                <p><strong>{{ $row->name }}</strong> <span class="learned-here">{{ $row->here }}</span> <span class="reason">{{ $row->between }} · {{ $row->rests }}</span></p>
                <p class="learned-ships">{{ $row->shipped }}</p>
                <x-times-bar :picture="$row->picture" :says="__('learned.picture', ['name' => $row->name, 'shipped' => $row->shipped, 'here' => $row->here, 'between' => $row->between])"/>
            </li>
        @endforeach
        </ul>
        <p class="reason">{{ __('learned.key.scale') }}</p>
        @if ($kinds !== null)
        <h3>{{ __('learned.kinds.title') }}</h3>
        @foreach ($kinds->says as $sentence)<p @class(['verdict-words' => $kinds->isClear])>{{ $sentence }}</p>@endforeach
        @if ($kinds->isClear)<p class="reason">{{ __('learned.kinds.goes') }}</p>@endif
        <details><summary>{{ __('learned.kinds.numbers') }}</summary>
            <x-wide :label="__('learned.kinds.title')">
            <table class="table book is-fullwidth">
                <thead><tr><th scope="col">{{ __('learned.kinds.column.kind') }}</th><th scope="col" class="num">{{ __('learned.kinds.column.clients') }}</th>@foreach ($kinds->rates as $rate)<th scope="col" class="num">{{ __("learned.kinds.column.{$rate}") }}</th>@endforeach</tr></thead>
                <tbody>@foreach ($kinds->rows as $row)<tr><th scope="row">{{ $row['name'] }}</th><td class="num">{{ $row['clients'] }}</td>@foreach ($kinds->rates as $rate)<td class="num">{{ $row['rates'][$rate]['times'] ?? '·' }} <span class="unit">{{ $row['rates'][$rate]['between'] ?? '' }}</span></td>@endforeach</tr>@endforeach</tbody>
            </table>
            </x-wide>
            <p class="note">{{ __('learned.kinds.note') }}</p>
        </details>
        @endif
        <details><summary>{{ __('learned.why') }}</summary>
            <ul class="learned-why">@foreach ($reasons as $reason)<li>{{ $reason }}</li>@endforeach</ul>
        </details>
    </section>
    @endif
    @if ($before !== [])
    <details class="card"><summary>{{ __('learned.before.title') }}</summary><ul class="recent">@foreach ($before as $line)<li>{{ $line }}</li>@endforeach</ul></details>
    @endif
</x-layout>
