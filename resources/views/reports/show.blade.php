@php($percent = fn (?float $share, int $digits = 0) => $share === null ? '—' : number_format(100 * $share, $digits) . ' %')
@php($hours = fn (int $minutes) => number_format($minutes / 60, 1) . ' h')
<x-layout title="Reports">
    <header class="page-head"><div class="grow"><h1>Reports</h1><p class="lead">{{ $period->from->format('j M Y') }} to {{ $period->until->format('j M Y') }}, {{ $period->days() }} days</p></div>
        <a class="button" href="{{ route('reports.csv', request()->only('from', 'until')) }}" download>As a table (.csv)</a></header>
    <form method="get" class="asks no-print" novalidate>
        <x-field name="from" label="From" type="date" :value="$period->from->format('Y-m-d')"/>
        <x-field name="until" label="Until" type="date" :value="$period->until->format('Y-m-d')"/>
        <button class="button">Show</button>
    </form>
    <div class="two is-even">
        <section>
            <h2>Balance kept</h2>
            @if ($balance['share'] === null)<p class="reason">No head has days in this time; balance is told of the past twelve weeks.</p>
            @else
                <p>{{ trans_choice('reports.balance.share', $balance['heads'], ['share' => $percent($balance['share'])]) }}</p>
                @if (count($balance['weeks']) > 1)<x-spark :series="array_map(fn ($week) => 100 * $week['share'], $balance['weeks'])"/><span class="reason">by week, {{ $percent($balance['weeks'][0]['share']) }} to {{ $percent($balance['weeks'][count($balance['weeks']) - 1]['share']) }}</span>@endif
                <h3>Furthest from it</h3>
                <ul class="recent">@foreach ($balance['worst'] as $row)<li><a href="{{ route('clients.now', $row['head']) }}"><strong>{{ $row['name'] }}</strong></a> <span class="reason">{{ $percent($row['share']) }} of days in the band</span></li>@endforeach</ul>
            @endif
            <h2>Breakage</h2>
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
        <section>
            <h2>Time booked and time used</h2>
            @if ($time['rows'] === [])<p class="reason">No booking was done in this time.</p>
            @else<x-wide-table label="Time by stylist"><table class="table compare"><thead><tr><th scope="col">Stylist</th><th scope="col" class="num">heads</th><th scope="col" class="num">booked</th><th scope="col" class="num">used</th><th scope="col" class="num">within 10 min</th><th scope="col" class="num">earned</th></tr></thead>
                <tbody>@foreach ($time['rows'] as $row)<tr><td>{{ explode(' ', $row['name'])[0] }}</td><td class="num">{{ $row['bookings'] }}</td><td class="num">{{ $hours($row['booked']) }}</td><td class="num">{{ $hours($row['used']) }}</td><td class="num">{{ $row['timed'] === 0 ? '–' : $percent($row['close'] / $row['timed']) }}</td><td class="num">@money($row['earned_cents'])</td></tr>@endforeach</tbody></table></x-wide-table>@endif
            @php($untimed = array_sum(array_column($time['rows'], 'bookings')) - array_sum(array_column($time['rows'], 'timed')))
            @if ($untimed > 0)<p class="reason">{{ trans_choice('booking.untimed', $untimed) }}</p>@endif
            @php([$earned, $tax] = [array_sum(array_column($time['rows'], 'earned_cents')), array_sum(array_column($time['rows'], 'tax_cents'))])
            @if ($tax > 0)<p class="reason">{{ __('reports.money.earned') }} @money($earned), {{ __('reports.money.tax') }} @money($tax).</p>@endif
            @if ($time['kept_cents'] > 0)<p class="reason">{{ __('reports.money.kept') }} @money($time['kept_cents']).</p>@endif
            @if ($time['unsaid'] > 0)<p class="worth">{{ trans_choice('reports.money.unsaid', $time['unsaid']) }} <a href="{{ route('today.end') }}">{{ __('reports.money.say') }}</a></p>@endif
            <p class="reason">{{ $time['cancelled'] }} cancelled, {{ $time['missed'] }} did not come.</p>
            <h2>Products</h2>
            @if ($products['rows'] === [])<p class="reason">Nothing was used at a wash in this time.</p>
            @else<p><span class="verdict-words">@money($products['cents'])</span> of products on {{ $products['washDays'] }} {{ $products['washDays'] === 1 ? 'wash day' : 'wash days' }}@if ($products['washDays'] > 0), @money((int) round($products['cents'] / $products['washDays'])) each @endif</p>
                <x-wide-table label="Products used"><table class="table compare"><thead><tr><th scope="col">Product</th><th scope="col" class="num">used, mL</th><th scope="col" class="num">cost</th></tr></thead>
                    <tbody>@foreach ($products['rows'] as $row)<tr><td>{{ $row['name'] }}</td><td class="num">{{ number_format($row['ml'], 0) }}</td><td class="num">@if ($row['cents'] === null)no price @else @money($row['cents']) @endif</td></tr>@endforeach</tbody></table></x-wide-table>@endif
        </section>
    </div>
</x-layout>
