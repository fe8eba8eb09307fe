@props(['river', 'verdict' => '', 'name' => 'a', 'label' => 'twelve weeks back and twelve ahead'])
@php($axis = $river::AXIS)
<figure class="river" data-river>
    <svg viewBox="0 0 {{ $river::WIDTH }} {{ $river::HEIGHT }}" tabindex="0" role="img"
         aria-label="Balance river: moisture above the axis, protein below, {{ $label }}. {{ $verdict }} Arrow keys read each day."
         data-days="{{ json_encode($river->days, JSON_UNESCAPED_UNICODE) }}" data-today="{{ $river->todayX }}">
        <defs>
            <linearGradient id="moisture-depth-{{ $name }}" x1="0" x2="0" y1="0" y2="1"><stop offset="0" class="moisture-near"/><stop offset="1" class="moisture-far"/></linearGradient>
            <linearGradient id="protein-depth-{{ $name }}" x1="0" x2="0" y1="0" y2="1"><stop offset="0" class="protein-far"/><stop offset="1" class="protein-near"/></linearGradient>
        </defs>
        <rect class="comfort" x="16" y="{{ $river->bands[0] }}" width="1008" height="{{ $river->bands[1] - $river->bands[0] }}"/>
        <rect class="comfort" x="16" y="{{ $river->bands[2] }}" width="1008" height="{{ $river->bands[3] - $river->bands[2] }}"/>
        <text class="river-word" x="20" y="{{ $river->bands[0] - 5 }}">moisture · the grey band is its comfort</text>
        <text class="river-word" x="20" y="{{ $river->bands[3] + 14 }}">protein</text>
        @foreach (array_reverse($river->strata, true) as $s => $stratum)
            <g class="stratum-{{ $s }}">
                @if ($s === 0)
                    <path class="moisture-area" fill="url(#moisture-depth-{{ $name }})" d="{{ $stratum['moisture']['area'] }}"/>
                    <path class="protein-area" fill="url(#protein-depth-{{ $name }})" d="{{ $stratum['protein']['area'] }}"/>
                @endif
                <path class="moisture-ribbon" d="{{ $stratum['moisture']['ribbon'] }}"/>
                <path class="protein-ribbon" d="{{ $stratum['protein']['ribbon'] }}"/>
                <path class="moisture-line" d="{{ $stratum['moisture']['line'] }}"/>
                <path class="protein-line" d="{{ $stratum['protein']['line'] }}"/>
            </g>
        @endforeach
        <line class="axis" x1="16" x2="1024" y1="{{ $axis }}" y2="{{ $axis }}"/>
        @foreach ($river->stones as $stone)
            <g @class(['stone', 'is-planned' => $stone['planned']])>
                <title>{{ $stone['says'] }}</title>
                <line class="wash" x1="{{ $stone['x'] }}" x2="{{ $stone['x'] }}" y1="{{ $axis - 4 }}" y2="{{ $axis + 4 }}"/>
                @if (in_array('clarify', $stone['kinds'], true))<rect class="clarify" x="{{ $stone['x'] - 4 }}" y="{{ $axis - 14 }}" width="8" height="28" rx="1"/>@endif
                @if (in_array('mask', $stone['kinds'], true))<ellipse class="mask" cx="{{ $stone['x'] }}" cy="{{ $axis - 6 }}" rx="6" ry="4"/>@endif
                @if (in_array('protein', $stone['kinds'], true))<ellipse class="protein" cx="{{ $stone['x'] }}" cy="{{ $axis + 6 }}" rx="6.5" ry="4"/>@endif
                @if (in_array('service', $stone['kinds'], true))<path class="service" d="M{{ $stone['x'] - 6 }} {{ $axis + 20 }}h12l-6 -10z"/>@endif
            </g>
        @endforeach
        @foreach ($river->gauges as $x)<path class="gauge" d="M{{ $x }} {{ $river::HEIGHT - 34 }}l4 7h-8z"/>@endforeach
        @if ($river->todayX > 60)
        <line class="weir" x1="{{ $river->todayX }}" x2="{{ $river->todayX }}" y1="14" y2="{{ $river::HEIGHT - 22 }}"/>
        <text class="weir-word" x="{{ $river->todayX + 6 }}" y="22">today</text>
        @endif
        <line class="cursor" x1="0" x2="0" y1="26" y2="{{ $river::HEIGHT - 22 }}" hidden/>
        @foreach ($river->ticks as $tick)<text class="tick" x="{{ $tick['x'] }}" y="{{ $river::HEIGHT - 8 }}">{{ $tick['label'] }}</text>@endforeach
    </svg>
    <figcaption>
        <p class="readout" data-readout aria-live="polite">Point at a day, or use the arrow keys, to read it.</p>
        <p class="legend">
            @if (count($river->strata) > 1)
                @foreach ($river->strata as $s => $stratum)<span><i class="stroke stroke-{{ $s }}"></i>{{ $stratum['name'] }}</span>@endforeach
            @endif
            <span><i class="dot dot-mask"></i>mask</span><span><i class="dot dot-protein"></i>protein</span><span><i class="dot dot-clarify"></i>clarifying</span><span><i class="dot dot-wash"></i>wash</span>@if ($river->gauges !== [])<span><i class="dot dot-gauge"></i>readings</span>@endif<span>pale = planned</span>
        </p>
    </figcaption>
</figure>
