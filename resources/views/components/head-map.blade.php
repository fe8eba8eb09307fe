@props(['map'])
<figure class="head-map">
    <svg viewBox="0 0 {{ $map::WIDTH }} {{ $map::HEIGHT }}" role="img" aria-label="{{ $map->says }}">
        @foreach ($map->zones as $zone)
            <g class="zone zone-{{ $zone['value'] }}">
                <title>{{ $zone['says'] }}</title>
                <path d="{{ $zone['path'] }}"/>
                <text x="{{ $zone['x'] }}" y="{{ $zone['y'] }}" class="zone-name">{{ __("nagomi.zones.{$zone['zone']}") }}</text>
            </g>
        @endforeach
    </svg>
    <figcaption class="legend">
        @foreach (array_unique(array_column($map->zones, 'value')) as $value)
            <span><i class="swatch zone-{{ $value }}"></i>{{ __("nagomi.porosities.{$value}") }}</span>
        @endforeach
    </figcaption>
</figure>
