@props(['river', 'verdict' => '', 'name' => 'a', 'label' => __('river.span.both')])
@php($axis = $river::AXIS)
<figure class="river" data-river>
    <svg viewBox="0 0 {{ $river::WIDTH }} {{ $river::HEIGHT }}" tabindex="0" role="img"
         aria-label="{{ __('river.label', ['span' => $label, 'verdict' => $verdict]) }}"
         data-days="{{ json_encode($river->days, JSON_UNESCAPED_UNICODE) }}" data-today="{{ $river->todayX }}">
        <defs>
            <linearGradient id="moisture-depth-{{ $name }}" x1="0" x2="0" y1="0" y2="1"><stop offset="0" class="moisture-near"/><stop offset="1" class="moisture-far"/></linearGradient>
            <linearGradient id="protein-depth-{{ $name }}" x1="0" x2="0" y1="0" y2="1"><stop offset="0" class="protein-far"/><stop offset="1" class="protein-near"/></linearGradient>
        </defs>
        <rect class="comfort" x="16" y="{{ $river->bands[0] }}" width="1008" height="{{ $river->bands[1] - $river->bands[0] }}"/>
        <rect class="comfort" x="16" y="{{ $river->bands[2] }}" width="1008" height="{{ $river->bands[3] - $river->bands[2] }}"/>
        <text class="river-word" x="20" y="{{ $river->bands[0] - 5 }}">{{ __('river.words.moisture') }}</text>
        <text class="river-word" x="20" y="{{ $river->bands[3] + 14 }}">{{ __('river.words.protein') }}</text>
        @foreach (array_reverse($river->strata, true) as $s => $stratum)
            @foreach (['until', 'planned'] as $when)
                <g @class(["stratum-{$s}", 'river-planned' => $when === 'planned'])>
                    @foreach (['moisture', 'protein'] as $side)
                        @if ($stratum[$side][$when])
                            @if ($s === 0)<path class="{{ $side }}-area" fill="url(#{{ $side }}-depth-{{ $name }})" d="{{ $stratum[$side][$when]['area'] }}"/>@endif
                            <path class="{{ $side }}-ribbon" d="{{ $stratum[$side][$when]['ribbon'] }}"/>
                            <path class="{{ $side }}-line" d="{{ $stratum[$side][$when]['line'] }}"/>
                        @endif
                    @endforeach
                </g>
            @endforeach
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
        <text class="weir-word is-before" x="{{ $river->todayX - 6 }}" y="22">{{ __('river.words.now') }}</text>
        <text class="weir-word is-planned" x="{{ $river->todayX + 6 }}" y="22">{{ __('river.words.planned') }}</text>
        @foreach ($river->strata as $stratum)
            @foreach (['moisture', 'protein'] as $side)
                @if ($river->washesToday && $stratum[$side]['after'] !== null)<circle class="river-after {{ $side }}-mark" cx="{{ $river->todayX }}" cy="{{ $stratum[$side]['after'] }}" r="6"/>@endif
                @if ($stratum[$side]['now'] !== null)<circle class="river-now {{ $side }}-mark" cx="{{ $river->todayX }}" cy="{{ $stratum[$side]['now'] }}" r="3.6"/>@endif
            @endforeach
        @endforeach
        @endif
        <line class="cursor" x1="0" x2="0" y1="26" y2="{{ $river::HEIGHT - 22 }}" hidden/>
        @foreach ($river->ticks as $tick)<text class="tick" x="{{ $tick['x'] }}" y="{{ $river::HEIGHT - 8 }}">{{ $tick['label'] }}</text>@endforeach
    </svg>
    <figcaption>
        <p class="readout" data-readout aria-live="polite">{{ __('river.read') }}</p>
        <p class="legend">
            @if (count($river->strata) > 1)
                @foreach ($river->strata as $s => $stratum)<span><i class="stroke stroke-{{ $s }}"></i>{{ $stratum['name'] }}</span>@endforeach
            @endif
            @foreach (['mask', 'protein', 'clarify', 'wash'] as $kind)<span><i class="dot dot-{{ $kind }}"></i>{{ __("river.legend.{$kind}") }}</span>@endforeach
            @if ($river->gauges !== [])<span><i class="dot dot-gauge"></i>{{ __('river.legend.readings') }}</span>@endif
            @if ($river->todayX > 60)
                <span><i class="dot dot-now"></i>{{ __('river.legend.now') }}</span>
                @if ($river->washesToday)<span><i class="dot dot-after"></i>{{ __('river.legend.after') }}</span>@endif
            @endif
            <span>{{ __('river.legend.planned') }}</span>
        </p>
    </figcaption>
</figure>
