<x-layout :title="__('reports.team.title')">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/pictures.css') }}"></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ __('reports.team.title') }}</h1><p class="lead">{{ __('reports.team.lead') }}</p></div><a class="button" href="{{ route('reports') }}">{{ __('reports.team.back') }}</a></header>
    <section class="card report-news" aria-labelledby="news">
        <h2 id="news">{{ __('reports.team.news') }}</h2>
        @forelse ($news as $sentence)<p class="verdict-words">{{ $sentence }}</p>@empty<p>{{ __('reports.team.nobody') }}</p>@endforelse
        @if ($picture->rows !== [])
            <p class="reason">{{ __($biases === [] ? 'reports.team.together' : 'reports.team.corrected') }}</p>
            <x-wide :label="__('reports.team.picture')">
            <svg class="shares readers-apart" viewBox="0 0 {{ $picture::WIDTH }} {{ $picture->height }}" role="img" aria-label="{{ __('reports.team.picture') }}: {{ implode('; ', array_merge(...array_map(fn ($row) => array_column($row['dots'], 'says'), $picture->rows))) }}">
                <rect class="comfort" x="{{ $picture->chance[0] }}" y="{{ $picture::TOP }}" width="{{ $picture->chance[1] - $picture->chance[0] }}" height="{{ $picture->height - $picture::TOP - 6 }}" rx="6"/>
                <text class="share-word is-axis" x="{{ $picture->chance[0] - 12 }}" y="22">‹ {{ __('reports.team.key.lower') }}</text>
                <text class="share-word" x="{{ ($picture->chance[0] + $picture->chance[1]) / 2 }}" y="22">{{ __('reports.team.key.chance') }}</text>
                <text class="share-word is-first" x="{{ $picture->chance[1] + 12 }}" y="22">{{ __('reports.team.key.higher') }} ›</text>
                @foreach ($picture->rows as $row)
                    <text class="reader-test" x="{{ $picture::LEFT - 20 }}" y="{{ $row['y'] + 5 }}">{{ $row['name'] }}</text>
                    <line class="share-line" x1="{{ $picture::LEFT }}" x2="{{ $picture::RIGHT }}" y1="{{ $row['y'] }}" y2="{{ $row['y'] }}"/>
                    @foreach ($row['dots'] as $dot)
                        <g @class(['reader', 'is-clear' => $dot['clear']]) transform="translate({{ $dot['x'] }} {{ $row['y'] + $dot['dy'] }})"><title>{{ $dot['says'] }}</title><circle r="12"/><text y="5">{{ $dot['letter'] }}</text></g>
                    @endforeach
                @endforeach
            </svg>
            </x-wide>
            <ul class="legend"><li><svg class="reader-key" viewBox="-14 -14 28 28" aria-hidden="true"><g class="reader is-clear"><circle r="12"/></g></svg>{{ __('reports.team.key.clear') }}</li><li><svg class="reader-key" viewBox="-14 -14 28 28" aria-hidden="true"><g class="reader"><circle r="12"/></g></svg>{{ __('reports.team.key.within') }}</li>@foreach ($names as $name)<li><b>{{ mb_substr($name, 0, 1) }}</b> {{ $name }}</li>@endforeach</ul>
            <x-picture-help of="readers"/>
        @endif
        @if ($biases !== [])
            <details><summary>{{ __('reports.team.numbers') }}</summary>
                <x-wide :label="__('reports.team.table')">
                <table class="table book is-fullwidth">
                    <caption class="is-sr-only">{{ __('reports.team.caption') }}</caption>
                    <thead><tr><th scope="col">{{ __('reports.team.test') }}</th>@foreach ($names as $name)<th scope="col" class="num">{{ $name }}</th>@endforeach</tr></thead>
                    <tbody>
                    @foreach ($biases as $sign => $of)
                        <tr><th scope="row">{{ __("nagomi.signs.{$sign}") }} <span class="unit">{{ $units[$sign] }}</span></th>
                            @foreach ($names as $name)
                                <td class="num">@if (! isset($of[$name])) · @elseif (! $of[$name]['plain'])<span class="unit">{{ __('reports.team.chance') }}</span>@else{{ $of[$name]['mean'] > 0 ? '+' : '' }}@number($of[$name]['mean']) <span class="unit">± {{ $of[$name]['sd'] }}</span>@endif</td>
                            @endforeach
                        </tr>
                    @endforeach
                    </tbody>
                </table>
                </x-wide>
                <p class="note">{{ __('reports.team.note') }} {{ $alike > 0 ? trans_choice('reports.team.rest', $alike) : '' }}</p>
            </details>
        @endif
    </section>
    <section class="card" aria-labelledby="scatter">
        <h2 id="scatter">{{ __('reports.team.scatter.title') }}</h2>
        @foreach ($scatter->says as $sentence)<p class="verdict-words">{{ $sentence }}</p>@endforeach
        @if ($scatter->rows !== [])
            <p class="reason">{{ __('reports.team.scatter.counted') }}</p>
            <ul class="learned">
            @foreach ($scatter->rows as $row)
                <li>
                    <p><strong>{{ $row->name }}</strong> <span class="learned-here">{{ $row->here }}</span> <span class="reason">{{ $row->between }}</span></p>
                    <p class="learned-ships">{{ $row->counts }}</p>
                    <x-times-bar :picture="$row->picture" :says="$row->name . ': ' . $row->here . ', ' . $row->between"/>
                </li>
            @endforeach
            </ul>
            <p class="note">{{ $scatter->rest }} {{ __('reports.team.scatter.scale') }}</p>
            <x-picture-help of="scatter"/>
        @endif
    </section>
    <section class="card" aria-labelledby="pairs">
        <h2 id="pairs">{{ __('reports.team.pairs.title') }}</h2>
        @if ($pairs === [])
            <p>{{ __('reports.team.pairs.none') }}</p>
        @else
            <p>{{ trans_choice('reports.team.pairs.says', count($pairs)) }}</p>
            <p class="reason">{{ __('reports.team.pairs.repeats', ['what' => implode('; ', array_map(fn ($sign, $of) => __('reports.team.pairs.repeat', ['test' => __("nagomi.signs.{$sign}"), 'sd' => $of['sd'], 'unit' => __("nagomi.sign_units.{$sign}"), 'pairs' => trans_choice('reports.team.pairs.count', $of['pairs'])]), array_keys($repeatability), $repeatability))]) }}</p>
            <details><summary>{{ __('reports.team.pairs.all') }}</summary>
            <x-wide :label="__('reports.team.pairs.title')">
            <table class="table book">
                <thead><tr><th scope="col">{{ __('reports.team.pairs.day') }}</th><th scope="col">{{ __('reports.team.pairs.client') }}</th><th scope="col">{{ __('reports.team.test') }}</th><th scope="col" class="num">{{ __('reports.team.pairs.one') }}</th><th scope="col" class="num">{{ __('reports.team.pairs.other') }}</th></tr></thead>
                <tbody>@foreach (array_slice($pairs, 0, 40) as $pair)<tr><td>@day($pair['date'], 'j M Y')</td><td>{{ $pair['head'] }}</td><td>{{ __("nagomi.signs.{$pair['sign']}") }}</td><td class="num">@number($pair['values'][0]) <span class="unit">{{ $pair['one'] }}</span></td><td class="num">@number($pair['values'][1]) <span class="unit">{{ $pair['other'] }}</span></td></tr>@endforeach</tbody>
            </table>
            </x-wide>
            </details>
        @endif
    </section>
</x-layout>
