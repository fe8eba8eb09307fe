@props(['sign'])
<strong>{{ str_replace('-', '−', (string) $sign['value']) }}</strong> {{ __("nagomi.sign_units.{$sign['sign']}") }} {{ __("nagomi.signs.{$sign['sign']}") }}@php
    $beside = array_filter([
        isset($sign['expected']) ? "expected {$sign['expected'][0]} ± {$sign['expected'][1]}" : null,
        isset($sign['last']) ? "last time {$sign['last']}" : null,
        isset($sign['usual']) ? "usual {$sign['usual'][0]} to {$sign['usual'][1]}" : null,
    ]);
@endphp
@if ($beside !== []) <span class="reason">({{ str_replace('-', '−', implode(', ', $beside)) }})</span>@endif: {{ $sign['means'] }}.
