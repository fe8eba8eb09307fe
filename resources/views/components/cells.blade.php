@props(['cells'])
@php(arsort($cells))
@php($shown = array_filter($cells, fn ($probability) => $probability >= 0.03))
<div class="cells">
    <svg class="cells-bar" viewBox="0 0 100 3" preserveAspectRatio="none" aria-hidden="true">
        @php($x = 0)
        @foreach ($shown as $cell => $probability)
            <rect class="cell cell-{{ str_replace(' ', '-', $cell) }}" x="{{ $x }}" y="0" width="{{ max(0, 100 * $probability - 0.4) }}" height="3"/>
            @php($x += 100 * $probability)
        @endforeach
    </svg>
    <p>{{ implode(' · ', array_map(fn ($cell, $probability) => round(100 * $probability) . ' % ' . __("nagomi.cells.{$cell}"), array_keys($shown), $shown)) }}</p>
</div>
