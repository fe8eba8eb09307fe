@props(['series', 'usual' => null])
@php
    $low = min([...$series, ...($usual ?? [])]);
    $high = max([...$series, ...($usual ?? [])]);
    $span = max(0.001, $high - $low);
    $y = fn ($value) => round(30 - 26 * ($value - $low) / $span, 1);
    $x = fn ($i) => round(4 + 112 * (count($series) > 1 ? $i / (count($series) - 1) : 1), 1);
@endphp
<svg class="spark" viewBox="0 0 120 34" aria-hidden="true">
    @if ($usual)<rect class="comfort" x="0" y="{{ $y($usual[1]) }}" width="120" height="{{ max(2, $y($usual[0]) - $y($usual[1])) }}"/>@endif
    <polyline points="@foreach ($series as $i => $value){{ $x($i) }},{{ $y($value) }} @endforeach"/>
    <circle cx="{{ $x(count($series) - 1) }}" cy="{{ $y($series[count($series) - 1]) }}" r="3"/>
</svg>
