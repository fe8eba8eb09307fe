<x-layout :title="__('trends.title-of', ['name' => $called($head->name)])" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/trends.css') }}"></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>{{ __('trends.title') }}</h1><p class="lead">{{ __('trends.lead') }}</p></div>
        <a class="button" href="{{ route('clients.history.cause', $head) }}">{{ __('trends.why') }}</a>
    </header>
    <nav class="joined" aria-label="{{ __('trends.groups') }}">
        @foreach ($groups as $name)
            <a href="{{ route('clients.trends', [$head, 'group' => $name]) }}" @if ($name === $group) aria-current="true" @endif>{{ ucfirst(__("trends.group.{$name}")) }}</a>
        @endforeach
    </nav>
    @if ($trends !== [])
        <p class="legend"><span><i class="dot dot-band"></i>{{ __('trends.key.usual') }}</span><span><i class="dot dot-average"></i>{{ __('trends.key.average') }}</span><span><i class="dot dot-mask"></i>{{ __('trends.key.mask') }}</span><span><i class="dot dot-protein"></i>{{ __('trends.key.protein') }}</span><span><i class="dot dot-clarify"></i>{{ __('trends.key.clarify') }}</span><span><i class="dot dot-service"></i>{{ __('trends.key.service') }}</span><span><i class="dot dot-wash"></i>{{ __('hair-balance.key.wash') }}</span></p>
        <x-picture-help of="trends"><li>{{ $legend }}</li>@if ($group === 'wear')<li>{{ __('trends.wear') }}</li>@endif</x-picture-help>
    @endif
    @forelse ($trends as $trend)
        <section class="trend card" aria-labelledby="trend-{{ $trend->sign }}">
            <h2 id="trend-{{ $trend->sign }}"><strong class="figure">@number($trend->last)</strong> {{ $trend->behind }} <span @class(['is-broken' => $trend->changed])>· {{ str_replace('-', '−', $trend->says) }}</span></h2>
            @php($picture = $trend->picture)
            <x-wide class="trend-frame" :label="__('trends.over-time', ['name' => $trend->name])">
            <svg class="trend-line" viewBox="0 0 {{ $picture::WIDTH }} {{ $picture::HEIGHT + $picture->taller }}" role="img" aria-label="{{ __('trends.picture', ['name' => $trend->name, 'says' => $trend->says]) }}">
                @foreach ($picture->ticks as $tick)<line class="trend-grid" x1="44" x2="990" y1="{{ $tick['y'] }}" y2="{{ $tick['y'] }}"/><text class="tick trend-tick" x="38" y="{{ $tick['y'] + 4 }}">{{ str_replace('-', '−', $tick['label']) }}</text>@endforeach
                @if ($picture->band)<path class="comfort" d="{{ $picture->band }}"/>@endif
                @if ($picture->line)<path class="trend-average" d="{{ $picture->line }}"/>@endif
                @foreach ($picture->dots as $dot)<circle @class(['trend-dot', 'is-changed' => $dot['changed']]) cx="{{ $dot['x'] }}" cy="{{ $dot['y'] }}" r="4"><title>{{ $dot['says'] }}</title></circle>@endforeach
                @foreach ($picture->stones as $stone)
                    <g class="stone" transform="translate({{ $stone['x'] }} {{ $picture::DONE_Y + $picture->taller }}) scale(.62)">@include('components.stone', ['kinds' => array_intersect(['trim'], $stone['kinds']) === [] ? $stone['kinds'] : [...$stone['kinds'], 'service']])</g>
                @endforeach
                @foreach ($picture->months as $month)<text class="tick" x="{{ $month['x'] }}" y="{{ $picture::MONTHS_Y + $picture->taller }}">{{ $month['label'] }}</text>@endforeach
            </svg>
            </x-wide>
            <details>
                <summary>{{ __('trends.every') }}</summary>
                <x-wide :label="__('trends.every')">
                <table class="table book">
                    <caption class="is-sr-only">{{ __('trends.caption', ['name' => $trend->name]) }}</caption>
                    <thead><tr><th scope="col">{{ __('trends.column.day') }}</th><th scope="col" class="num">{{ ucfirst($trend->name) }}{{ $trend->unit === '' ? '' : ", {$trend->unit}" }}</th><th scope="col" class="num">{{ __('trends.column.average') }}</th><th scope="col" class="num">{{ __('trends.column.usual') }}</th><th scope="col">{{ __('trends.column.says') }}</th><th scope="col">{{ __('trends.column.by') }}</th></tr></thead>
                    <tbody>@foreach ($trend->rows as $row)<tr><td>{{ $row->date }}</td><td class="num">{{ str_replace('-', '−', $row->value) }}</td><td class="num">{{ str_replace('-', '−', $row->average) }}</td><td class="num">{{ str_replace('-', '−', $row->limits) }}</td><td>{{ $row->says }}</td><td>{{ $row->by }}</td></tr>@endforeach</tbody>
                </table>
                </x-wide>
            </details>
        </section>
    @empty
        <div class="empty"><p>{{ __('trends.none') }} <a href="{{ route('clients.hair-tests', $head) }}">{{ __('trends.take') }}</a>: {{ implode(', ', $none) }}.</p></div>
    @endforelse
    @if ($trends !== [] && $none !== [])
        <p class="note">{{ __('trends.none-of', ['tests' => implode(', ', $none)]) }}</p>
    @endif
    <p class="acts"><a class="button is-small" href="{{ route('clients.trends.csv', $head) }}" download>{{ __('trends.csv') }}</a></p>
</x-layout>
