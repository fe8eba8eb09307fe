@props(['of'])
@php
    // A hundredth of a percent is little, and not nothing.
    $short = static fn (float|int $percent): string => $percent > 0 && $percent < 0.05
        ? '<' . $rounded(0.1, 1)
        : rtrim(rtrim($rounded((float) $percent, 1), '0'), '.,');
@endphp
@if ($of['upper_percent'] !== null)
    @if (($of['typical_percent'] ?? null) !== null)<strong>{{ __('bottles.about', ['percent' => $short($of['typical_percent'])]) }}</strong> @endif<span class="reason">{{ __('bottles.range', ['low' => $short($of['lower_percent']), 'high' => $short($of['upper_percent'])]) }}</span>
@endif
