@props(['sign'])
<strong>@number($sign['value'])</strong> @unit($sign['sign'], $sign['value']) @sign($sign['sign'], $sign['value'])@php
    $beside = array_filter([
        isset($sign['expected_between']) ? __('yardsticks.that-day', ['least' => $sign['expected_between'][0], 'most' => $sign['expected_between'][1]]) : null,
        isset($sign['last']) ? __('yardsticks.last', ['value' => $sign['last']]) : null,
    ]);
@endphp
@if ($beside !== []) <span class="reason">({{ str_replace('-', '−', implode(', ', $beside)) }})</span>@endif: {{ $said($sign['means']) }}.
