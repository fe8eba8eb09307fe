<x-layout title="Seasons">
    <header class="page-head"><div class="grow"><h1>{{ $household !== '' ? $household : 'Plans' }}</h1><p class="lead">{{ $household !== '' ? 'Everybody of this household' : 'Clients ' . explode(' ', $stylists[$stylist] ?? 'she')[0] . ' saw in the last sixteen weeks' }}, twelve weeks ahead.</p></div></header>
    <form method="get" class="asks" novalidate>
        <x-choice name="household" label="Household" :options="array_combine($households, $households)" :value="$household" empty="any"/>
        <x-choice name="stylist" label="or stylist" :options="$stylists" :value="$stylist"/>
        <button class="button">Show</button>
    </form>
    @if ($rows === [])<p class="empty">Nobody here yet. A household is named on each intake; a stylist’s clients are those booked with them.</p>@endif
    <ul class="heads several">
        @foreach ($rows as $row)
            <li><a href="{{ route('clients.plan', $row['head']) }}"><strong>{{ $called($row['head']->name) }}</strong></a> <span class="reason">{{ $row['head']->outlook->verdict ?? '' }}@if ($household !== '' && $row['together'] !== []) Together with another on {{ implode(', ', array_slice($row['together'], 0, 4)) }}.@endif</span>
                <x-season-line :line="$row['line']" :head="$row['head']" :today="$salon->today()"/></li>
        @endforeach
    </ul>
</x-layout>
