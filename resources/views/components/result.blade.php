{{-- A result as a dot on the range it would have in balance, with four words. --}}
@props(['sign'])
<li @class(['result', 'is-off' => $sign->range->side !== 'within'])>
    <p><strong class="figure">{{ $sign->value }}</strong> {{ $sign->unit }} {{ $sign->name }}</p>
    <x-range :range="$sign->range"/>
    <p class="reason">{{ __("now.range.{$sign->range->side}") }} · @day($sign->date, 'j M')</p>
</li>
