@props(['map'])
<figure class="head-map">
    <svg viewBox="{{ $map::VIEW }}" role="img" aria-label="{{ $map->says }}">
        <defs>
            <pattern id="hatch-low" width="13" height="13" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 6h13" class="hatch"/></pattern>
            <pattern id="hatch-medium" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 3h7" class="hatch"/></pattern>
            <pattern id="hatch-high" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 3h6M3 0v6" class="hatch"/></pattern>
        </defs>
        @foreach ($map::FEATURES as $feature)<path class="head-feature" d="{{ $feature }}"/>@endforeach
        @foreach ($map->zones as $zone)
            <g class="zone zone-{{ $zone['value'] }}">
                <title>{{ $zone['says'] }}</title>
                <path class="zone-ground" d="{{ $zone['path'] }}"/>
                @if (in_array($zone['value'], ['low', 'medium', 'high'], true))<path d="{{ $zone['path'] }}" fill="url(#hatch-{{ $zone['value'] }})"/>@endif
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
