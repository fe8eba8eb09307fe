@props(['sign'])
<strong>{{ str_replace('-', '−', (string) $sign['value']) }}</strong> {{ __("nagomi.sign_units.{$sign['sign']}") }} {{ __("nagomi.signs.{$sign['sign']}") }}@php
    $beside = array_filter([
        isset($sign['expected_between']) ? __('yardsticks.that-day', ['least' => $sign['expected_between'][0], 'most' => $sign['expected_between'][1]]) : null,
        isset($sign['last']) ? __('yardsticks.last', ['value' => $sign['last']]) : null,
    ]);
@endphp
@if ($beside !== []) <span class="reason">({{ str_replace('-', '−', implode(', ', $beside)) }})</span>@endif: {{ $sign['means'] }}.
