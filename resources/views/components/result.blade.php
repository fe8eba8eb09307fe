{{-- A result as a dot on the range it would have in balance, with four words. --}}
@props(['sign'])
<li @class(['result', 'is-off' => $sign->range->side !== 'within'])>
    <p><strong class="figure">{{ $sign->value }}</strong> {{ $sign->unit }} {{ $sign->name }}</p>
    <svg class="result-range" viewBox="0 0 100 12" preserveAspectRatio="none" aria-hidden="true">
        <line class="result-track" x1="0" x2="100" y1="6" y2="6"/>
        <rect class="result-band" x="{{ $sign->range->from }}" y="1" width="{{ max(1, $sign->range->to - $sign->range->from) }}" height="10"/>
        <line class="result-dot" x1="{{ $sign->range->dot }}" x2="{{ $sign->range->dot }}" y1="6" y2="6"/>
    </svg>
    <p class="reason">{{ __("now.range.{$sign->range->side}") }} · @day($sign->date, 'j M')</p>
</li>
