<x-layout :title="__('several.title')">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/plan.css') }}"></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ $household !== '' ? $household : __('several.title') }}</h1><p class="lead">{{ $household !== '' ? __('several.household-lead') : __('several.stylist-lead', ['name' => explode(' ', $stylists[$stylist] ?? '')[0]]) }}</p></div></header>
    <form method="get" class="asks" novalidate>
        <x-choice name="household" :label="__('several.household')" :options="array_combine($households, $households)" :value="$household" :empty="__('several.any')"/>
        <x-choice name="stylist" :label="__('several.stylist')" :options="$stylists" :value="$stylist"/>
        <button class="button">{{ __('several.show') }}</button>
    </form>
    @if ($rows === [])<p class="empty">{{ __('several.none') }}</p>@endif
    <ul class="heads several">
        @foreach ($rows as $row)
            <li><a href="{{ route('clients.plan', $row['head']) }}"><strong>{{ $called($row['head']->name) }}</strong></a> <span class="reason">{{ $said($row['head']->outlook?->verdict) }}@if ($household !== '' && $row['together'] !== []) {{ __('several.together', ['days' => implode(', ', array_slice($row['together'], 0, 4))]) }}@endif</span>
                <x-season-line :line="$row['line']" :head="$row['head']" :today="$salon->today()"/></li>
        @endforeach
    </ul>
</x-layout>
