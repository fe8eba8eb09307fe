<x-layout :title="'Trends of ' . $called($head->name)" :head="$head">
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>Trends</h1><p class="lead">What is usual for this client, and what has changed.</p></div>
        <a class="button" href="{{ route('clients.history.cause', $head) }}">Why has it changed?</a>
        <a class="button" href="{{ route('clients.trends.csv', $head) }}" download>All readings (.csv)</a>
    </header>
    <nav class="filters" aria-label="Signs">
        @foreach ($groups as $name)
            <a @class(['button', 'is-strong' => $name === $group]) href="{{ route('clients.trends', [$head, 'group' => $name]) }}" @if ($name === $group) aria-current="true" @endif>{{ $name }}</a>
        @endforeach
    </nav>
    @forelse ($trends as $trend)
        <section class="trend" aria-labelledby="trend-{{ $trend->sign }}">
            <h2 id="trend-{{ $trend->sign }}"><strong class="figure">@number($trend->last)</strong> {{ $trend->unit }} {{ $trend->name }} <span @class(['is-broken' => $trend->changed])>· {{ str_replace('-', '−', $trend->says) }}</span></h2>
            @php($picture = $trend->picture)
            <svg class="trend-line" viewBox="0 0 {{ $trend->picture::WIDTH }} {{ $trend->picture::HEIGHT }}" role="img" aria-label="{{ $trend->name }}: {{ $trend->says }}. The table below lists every reading.">
                @foreach ($picture->ticks as $tick)<line class="trend-grid" x1="44" x2="990" y1="{{ $tick['y'] }}" y2="{{ $tick['y'] }}"/><text class="tick trend-tick" x="38" y="{{ $tick['y'] + 4 }}">{{ str_replace('-', '−', $tick['label']) }}</text>@endforeach
                @if ($picture->band)<path class="comfort" d="{{ $picture->band }}"/>@endif
                @if ($picture->line)<path class="trend-average" d="{{ $picture->line }}"/>@endif
                @foreach ($picture->dots as $dot)<circle @class(['trend-dot', 'is-changed' => $dot['changed']]) cx="{{ $dot['x'] }}" cy="{{ $dot['y'] }}" r="4"><title>{{ $dot['says'] }}</title></circle>@endforeach
                @foreach ($picture->stones as $stone)
                    <g class="stone">
                        @if (in_array('clarify', $stone['kinds'], true))<rect class="clarify" x="{{ $stone['x'] - 6.5 }}" y="117" width="13" height="18" rx="1"/>@endif
                        @if (in_array('mask', $stone['kinds'], true))<ellipse class="mask" cx="{{ $stone['x'] }}" cy="122" rx="4.5" ry="3"/>@endif
                        @if (in_array('protein', $stone['kinds'], true))<ellipse class="protein" cx="{{ $stone['x'] }}" cy="129" rx="4.5" ry="3"/>@endif
                        @if (array_intersect(['trim', 'service'], $stone['kinds']))<path class="service" d="M{{ $stone['x'] - 5 }} 136h10l-5 -8z"/>@endif
                    </g>
                @endforeach
                @foreach ($picture->months as $month)<text class="tick" x="{{ $month['x'] }}" y="148">{{ $month['label'] }}</text>@endforeach
            </svg>
            <details>
                <summary>Every reading</summary>
                <x-wide-table label="Every reading">
                <table class="table book">
                    <caption class="is-sr-only">{{ $trend->name }}, newest first</caption>
                    <thead><tr><th scope="col">Day</th><th scope="col" class="num">{{ ucfirst($trend->name) }}{{ $trend->unit === '' ? '' : ", {$trend->unit}" }}</th><th scope="col" class="num">Moving average</th><th scope="col" class="num">Usual</th><th scope="col">Says</th><th scope="col">Read by</th></tr></thead>
                    <tbody>@foreach ($trend->rows as $row)<tr><td>{{ $row->date }}</td><td class="num">{{ str_replace('-', '−', $row->value) }}</td><td class="num">{{ str_replace('-', '−', $row->average) }}</td><td class="num">{{ str_replace('-', '−', $row->limits) }}</td><td>{{ $row->says }}</td><td>{{ $row->by }}</td></tr>@endforeach</tbody>
                </table>
                </x-wide-table>
            </details>
        </section>
    @empty
        <div class="empty"><p>None of these was read yet. <a href="{{ route('clients.hair-tests', $head) }}">Take them under Hair tests</a>: {{ implode(', ', $none) }}.</p></div>
    @endforelse
    @if ($trends !== [])
        <p class="legend"><span><i class="dot dot-mask"></i>mask</span><span><i class="dot dot-protein"></i>protein</span><span><i class="dot dot-clarify"></i>clarifying</span><span>▲ trim or chemical service</span><span>{{ $legend }}{{ $group === 'wear' ? '; for wear one standard deviation of what the engine knows' : '' }}</span></p>
        @if ($none !== [])<p class="note">Not read yet: {{ implode(', ', $none) }}.</p>@endif
    @endif
</x-layout>
