@props(['cells'])
@if ($cells === [])<p>{{ __('reports.cells.none') }}</p>@else
@php(arsort($cells))
@php($shown = array_filter($cells, fn ($probability) => $probability >= 0.2) ?: array_slice($cells, 0, 1))
@php($left = (int) round(100 * (1 - array_sum($shown))))
<div class="cells">
    <svg class="cells-bar" viewBox="0 0 100 3" preserveAspectRatio="none" aria-hidden="true">
        @php($x = 0)
        @foreach ($cells as $cell => $probability)
            <rect class="cell cell-{{ str_replace(' ', '-', $cell) }}" x="{{ $x }}" y="0" width="{{ max(0, 100 * $probability - 0.4) }}" height="3"/>
            @php($x += 100 * $probability)
        @endforeach
    </svg>
    <p>{{ implode(' · ', [...array_map(fn ($cell, $probability) => round(100 * $probability) . ' % ' . __("nagomi.cells.{$cell}"), array_keys($shown), $shown), ...($left > 0 ? [__('reports.cells.rest', ['percent' => $left])] : [])]) }}</p>
</div>
@endif
