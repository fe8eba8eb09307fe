@props(['series', 'bands' => []])
@php
    $edges = array_merge($series, ...array_values($bands));
    $low = min($edges);
    $high = max($edges);
    $span = max(0.001, $high - $low);
    $y = fn ($value) => round(30 - 26 * ($value - $low) / $span, 1);
    $x = fn ($i) => round(4 + 112 * (count($series) > 1 ? $i / (count($series) - 1) : 1), 1);
@endphp
<svg class="spark" viewBox="0 0 120 34" aria-hidden="true">
    @foreach ($bands as $name => $band)<rect class="comfort beside" data-yardstick="{{ $name }}" x="0" y="{{ $y($band[1]) }}" width="120" height="{{ max(2, $y($band[0]) - $y($band[1])) }}"/>@endforeach
    <polyline points="@foreach ($series as $i => $value){{ $x($i) }},{{ $y($value) }} @endforeach"/>
    <circle cx="{{ $x(count($series) - 1) }}" cy="{{ $y($series[count($series) - 1]) }}" r="3"/>
</svg>
