@php($percent = fn (?float $share, int $digits = 0) => $share === null ? '—' : $rounded(100 * $share, $digits) . ' %')
@php($hours = fn (int $minutes) => $rounded($minutes / 60, 1) . ' h')
<x-layout :title="__('reports.title')">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/pictures.css') }}"></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ __('reports.title') }}</h1><p class="lead">{{ trans_choice('reports.span', $period->days(), ['from' => $dated($period->from, 'j M Y'), 'until' => $dated($period->until, 'j M Y')]) }}</p></div>
        <a class="button" href="{{ route('reports.team') }}">{{ __('reports.team.title') }}</a>
        <a class="button" href="{{ route('reports.csv', request()->only('from', 'until')) }}" download>{{ __('reports.csv') }}</a></header>
    <section class="card report-news" aria-labelledby="news">
        <h2 id="news">{{ __('reports.news.title') }}</h2>
        @forelse ($news as $sentence)<p class="verdict-words">{{ $sentence }}</p>@empty<p class="verdict-words">{{ __('reports.news.none') }}</p>@endforelse
        @foreach ($standsOut as $sentence)<p class="caution-line">{{ $sentence }} <a href="{{ route('salon.learned') }}">{{ __('reports.news.look') }}</a></p>@endforeach
        @if ($weeks->columns !== [])
            <svg class="shares" viewBox="0 0 {{ $weeks::WIDTH }} {{ $weeks::HEIGHT }}" role="img" aria-label="{{ __('reports.balance.picture') }} {{ implode('; ', array_column($weeks->columns, 'says')) }}">
                @foreach ($weeks->lines as $line)
                    <line class="share-line" x1="{{ $weeks::LEFT }}" x2="{{ $weeks::RIGHT }}" y1="{{ $line['y'] }}" y2="{{ $line['y'] }}"/>
                    <text class="share-word is-axis" x="{{ $weeks::LEFT - 8 }}" y="{{ $line['y'] + 5 }}">{{ $line['label'] }}</text>
                @endforeach
                @foreach ($weeks->columns as $column)
                    <g><title>{{ $column['says'] }}</title>
                        <rect class="share-column" x="{{ $column['x'] }}" y="{{ $column['y'] }}" width="{{ $column['width'] }}" height="{{ $column['height'] }}" rx="5"/>
                        @if ($column['isTold'])<text class="share-percent" x="{{ $column['middle'] }}" y="{{ $column['y'] - 6 }}">{{ $column['percent'] }}</text>@endif
                        @if ($column['label'] !== '')<text class="share-word" x="{{ $column['middle'] }}" y="{{ $weeks::BOTTOM + 24 }}">{{ $column['label'] }}</text>@endif
                    </g>
                @endforeach
            </svg>
            <p class="reason">{{ __('reports.balance.picture') }}</p>
            <x-picture-help of="shares"/>
        @else<p class="reason">{{ __('reports.balance.none') }}</p>@endif
        <nav class="joined no-print" aria-label="{{ __('reports.how-long') }}">
            @foreach ($spans as $span)<a href="{{ $span['at'] }}" @if ($span['isShown']) aria-current="true" @endif>{{ $span['label'] }}</a>@endforeach
        </nav>
        <details class="no-print"><summary>{{ __('reports.other-days') }}</summary>
            <form method="get" class="asks" novalidate>
                <x-field name="from" :label="__('reports.from')" type="date" :value="$period->from->format('Y-m-d')"/>
                <x-field name="until" :label="__('reports.until')" type="date" :value="$period->until->format('Y-m-d')"/>
                <button class="button">{{ __('reports.show') }}</button>
            </form>
        </details>
    </section>
    <div class="report-cards">
        @if ($balance['worst'] !== [])
        <section class="card">
            <h2>{{ __('reports.balance.furthest') }}</h2>
            <ul class="recent">@foreach ($balance['worst'] as $row)<li><a href="{{ route('clients.now', $row['head']) }}"><strong>{{ $row['name'] }}</strong></a> <span class="reason">{{ $percent($row['share']) }} {{ __('reports.balance.of-days') }}</span></li>@endforeach</ul>
        </section>
        @endif
        <section @class(['card', 'is-tall' => count($products['rows']) > 3])>
            <h2>{{ __('reports.products.title') }}</h2>
            @if ($products['rows'] === [])<p class="reason">{{ __('reports.products.none') }}</p>
            @else<p><span class="verdict-words">@money($products['cents'])</span> {{ trans_choice('reports.products.of', $products['washDays']) }}@if ($products['washDays'] > 0), @money((int) round($products['cents'] / $products['washDays'])) {{ __('reports.products.each') }}@endif</p>
                <x-wide :label="__('reports.products.table')"><table class="table compare"><thead><tr><th scope="col">{{ __('reports.products.product') }}</th><th scope="col" class="num">{{ __('reports.products.used') }}</th><th scope="col" class="num">{{ __('reports.products.cost') }}</th></tr></thead>
                    <tbody>@foreach ($products['rows'] as $row)<tr><td>{{ $row['name'] }}</td><td class="num">{{ number_format($row['ml'], 0) }}</td><td class="num">@if ($row['cents'] === null){{ __('reports.products.no-price') }} @else @money($row['cents']) @endif</td></tr>@endforeach</tbody></table></x-wide>@endif
        </section>
        <section class="card">
            <h2>{{ __('reports.breakage.title') }}</h2>
            @if ($breakage['share'] === null)<p class="reason">{{ __('reports.breakage.none') }}</p>
            @else<p>{{ __('reports.breakage.share', [
                'share' => $percent($breakage['share'], $breakage['digits']), 'all' => number_format($breakage['all']),
                'least' => $percent($breakage['least'], $breakage['digits']), 'most' => $percent($breakage['most'], $breakage['digits']),
                'counts' => trans_choice('reports.breakage.counts', $breakage['counts']),
                'clients' => trans_choice('reports.breakage.clients', $breakage['clients']),
            ]) }}</p>
                <p class="reason">{{ $breakageBefore['share'] === null ? __('reports.breakage.none-before', ['days' => $period->days()]) : __('reports.breakage.before', [
                    'share' => $percent($breakageBefore['share'], $breakageBefore['digits']), 'days' => $period->days(),
                    'least' => $percent($breakageBefore['least'], $breakageBefore['digits']), 'most' => $percent($breakageBefore['most'], $breakageBefore['digits']),
                ]) }}</p>@endif
        </section>
        <section class="card is-wide">
            <h2>{{ __('reports.time.title') }}</h2>
            @if ($time['rows'] === [])<p class="reason">{{ __('reports.time.none') }}</p>
            @else
            @php([$booked, $used] = [array_sum(array_column($time['rows'], 'booked')), array_sum(array_column($time['rows'], 'used'))])
            <p>{{ __('reports.time.says', ['booked' => $rounded($booked / 60, 1), 'used' => $rounded($used / 60, 1)]) }}</p>
            <x-wide :label="__('reports.time.table')"><table class="table compare"><thead><tr><th scope="col">{{ __('reports.time.stylist') }}</th><th scope="col" class="num">{{ __('reports.time.clients') }}</th><th scope="col" class="num">{{ __('reports.time.booked') }}</th><th scope="col" class="num">{{ __('reports.time.used') }}</th><th scope="col" class="num">{{ __('reports.time.close') }}</th><th scope="col" class="num">{{ __('reports.time.earned') }}</th></tr></thead>
                <tbody>@foreach ($time['rows'] as $row)<tr><td>{{ explode(' ', $row['name'])[0] }}</td><td class="num">{{ $row['bookings'] }}</td><td class="num">{{ $hours($row['booked']) }}</td><td class="num">{{ $hours($row['used']) }}</td><td class="num">{{ $row['timed'] === 0 ? '–' : $percent($row['close'] / $row['timed']) }}</td><td class="num">@money($row['earned_cents'])</td></tr>@endforeach</tbody></table></x-wide>@endif
            @php($untimed = array_sum(array_column($time['rows'], 'bookings')) - array_sum(array_column($time['rows'], 'timed')))
            @if ($untimed > 0)<p class="reason">{{ trans_choice('booking.untimed', $untimed) }}</p>@endif
            @php([$earned, $tax] = [array_sum(array_column($time['rows'], 'earned_cents')), array_sum(array_column($time['rows'], 'tax_cents'))])
            @if ($tax > 0)<p class="reason">{{ __('reports.money.earned') }} @money($earned), {{ __('reports.money.tax') }} @money($tax).</p>@endif
            @if ($time['kept_cents'] > 0)<p class="reason">{{ __('reports.money.kept') }} @money($time['kept_cents']).</p>@endif
            @if ($time['unsaid'] > 0)<p class="worth">{{ trans_choice('reports.money.unsaid', $time['unsaid']) }} <a href="{{ route('today.end') }}">{{ __('reports.money.say') }}</a></p>@endif
            <p class="reason">{{ __('reports.time.missed', ['cancelled' => $time['cancelled'], 'missed' => $time['missed']]) }}</p>
        </section>
    </div>
</x-layout>
