@props(['picture', 'places' => null])
<figure class="hands" data-hands data-opens="{{ $picture->opens }}" data-closes="{{ $picture->closes }}" data-bar="{{ $picture::BAR }}" data-inset="{{ $picture::WAIT_INSET }}" @if ($places) data-places="{{ $places }}" @endif @if ($picture->now !== null) data-now="{{ $picture->now }}" @endif>
    <div class="hands-frame">
        <svg class="hands-names" width="72" height="{{ $picture->height }}" aria-hidden="true">@foreach ($picture->rows as $row)<text class="hands-name" x="0" y="{{ $row['barY'] + 28 }}">{{ $row['name'] }}</text>@endforeach</svg>
        <div class="hands-scroll" data-scroll>
        <svg class="hands-board" height="{{ $picture->height }}" role="group" aria-label="{{ __('booking.picture.label') }}">
            <rect data-extent width="100%" height="{{ $picture->height }}" fill="none" pointer-events="all"/>
            @foreach ($picture->hours as $hour)
                <line class="hands-hour" x1="{{ $hour['x'] }}%" x2="{{ $hour['x'] }}%" y1="20" y2="{{ $picture->height }}"/>
                <text class="tick" x="{{ $hour['x'] }}%" y="13">{{ $hour['word'] }}</text>
            @endforeach
            @foreach ($picture->rows as $row)
                <g data-row="{{ $row['user'] }}" data-y="{{ $row['barY'] }}" data-name="{{ $row['name'] }}">
                @foreach ($row['off'] as $off)<rect class="hands-off" x="{{ $off['x'] }}%" y="{{ $row['barY'] }}" width="{{ $off['width'] }}%" height="{{ $picture::BAR }}"/>@endforeach
                </g>
            @endforeach
            <g data-lit></g>
            @foreach ($picture->rows as $row)
                @foreach ($row['heads'] as $head)
                    <a href="{{ route('bookings.show', $head['id']) }}" class="hands-head is-{{ $head['class'] }}" aria-label="{{ $head['label'] }}, {{ $head['says'] }}" @if ($places && in_array($head['class'], ['booked', 'arrived', 'silent'], true)) data-places-of="booking={{ $head['id'] }}" data-begins="{{ $head['begins'] }}" @endif>
                        @foreach ($head['pieces'] as $piece)<rect class="{{ $piece['hands'] ? 'is-hands' : 'is-waiting' }}" x="{{ $piece['x'] }}%" y="{{ $row['barY'] + ($piece['hands'] ? 0 : $picture::WAIT_INSET) }}" width="{{ $piece['width'] }}%" height="{{ $picture::BAR - ($piece['hands'] ? 0 : 2 * $picture::WAIT_INSET) }}" rx="{{ $piece['hands'] ? 6 : 13 }}"/>@endforeach
                        <svg x="{{ $head['labelX'] }}%" overflow="visible"><text @class(['hands-label', 'is-inside' => $head['isInside']]) x="{{ $head['isInside'] ? 9 : 1 }}" y="{{ $head['labelY'] }}">{{ $head['label'] }}</text></svg>
                    </a>
                @endforeach
            @endforeach
            <g data-ghost></g>
            @if ($picture->now !== null)<line class="weir" x1="{{ $picture->now }}%" x2="{{ $picture->now }}%" y1="18" y2="{{ $picture->height }}"/>@endif
        </svg>
        </div>
    </div>
    <figcaption class="legend">@foreach ($picture->marks as $mark)<span><i class="swatch is-{{ $mark }}"></i>{{ __("booking.picture.{$mark}") }}</span>@endforeach<span><i class="swatch hands-off"></i>{{ __('booking.picture.away') }}</span>@if ($picture->now !== null)<span><i class="swatch is-now"></i>{{ __('booking.picture.now') }}</span>@endif</figcaption>
</figure>
