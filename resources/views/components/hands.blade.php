@props(['picture'])
<figure class="hands">
    <svg viewBox="0 0 {{ $picture::WIDTH }} {{ $picture->height }}" role="group" aria-label="The day on each stylist’s hands; the list below says the same in words.">
        @foreach ($picture->hours as $hour)
            <line class="hands-hour" x1="{{ $hour['x'] }}" x2="{{ $hour['x'] }}" y1="18" y2="{{ $picture->height }}"/>
            <text class="tick" x="{{ $hour['x'] }}" y="12">{{ $hour['word'] }}</text>
        @endforeach
        @foreach ($picture->rows as $row)
            <text class="hands-name" x="4" y="{{ $row['barY'] + 16 }}">{{ $row['name'] }}</text>
            @foreach ($row['off'] as $off)<rect class="hands-off" x="{{ $off['x'] }}" y="{{ $row['barY'] }}" width="{{ $off['width'] }}" height="{{ $picture::BAR }}"/>@endforeach
            @foreach ($row['heads'] as $head)
                <a href="{{ route('bookings.show', $head['id']) }}" class="hands-head is-{{ $head['class'] }}" aria-label="{{ $head['label'] }}, {{ $head['says'] }}">
                    @foreach ($head['pieces'] as $piece)<rect class="{{ $piece['hands'] ? 'is-hands' : 'is-waiting' }}" x="{{ $piece['x'] }}" y="{{ $row['barY'] + ($piece['hands'] ? 0 : 6) }}" width="{{ $piece['width'] }}" height="{{ $picture::BAR - ($piece['hands'] ? 0 : 12) }}" rx="2"/>@endforeach
                    <text class="hands-label" x="{{ $head['labelX'] }}" y="{{ $head['labelY'] }}">{{ $head['label'] }}</text>
                </a>
            @endforeach
        @endforeach
        @if ($picture->now !== null)<line class="weir" x1="{{ $picture->now }}" x2="{{ $picture->now }}" y1="16" y2="{{ $picture->height }}"/>@endif
    </svg>
    <figcaption class="legend"><span><i class="swatch is-hands"></i>hands are on the head</span><span><i class="swatch is-waiting"></i>{{ __('booking.hair-waits') }}</span><span><i class="swatch hands-off"></i>not there</span>@if ($picture->hasSilent)<span><i class="swatch is-silent"></i>{{ __('booking.row.silent') }}</span>@endif @if ($picture->now !== null)<span><i class="swatch is-now"></i>now</span>@endif</figcaption>
</figure>
