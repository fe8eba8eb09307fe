<li @class(['is-again' => $sign->again])>
    <div class="result @if ($sign->range && $sign->range->side !== 'within') is-off @endif">
        <p>@if ($sign->zone !== '')<b>{{ $sign->zone }}</b> @endif<strong class="figure">{{ $sign->value }}</strong> {{ $sign->unit }} {{ $sign->name }}@if ($sign->range && $sign->range->side !== 'within') · {{ __("history.results.range.{$sign->range->side}") }}@endif</p>
        @if ($sign->range)<x-range :range="$sign->range"/>@endif
    </div>
    <p>{{ ucfirst($sign->means) }}. @if ($sign->beside !== '')<span class="reason">{{ $sign->beside }}</span>@endif</p>
    @if ($sign->besides !== '')<p class="reason">{{ $sign->besides }}.</p>@endif
    @if ($sign->again)
        <p><strong>{{ __('history.results.check-again') }}</strong> {{ __('history.results.check-again-why') }}</p>
        @if ($live)<form method="post" action="{{ route('clients.readings.confirm', [$head, $sign->reading]) }}"><x-act/><button class="button is-small">{{ __('history.results.confirm') }}</button></form>@endif
    @endif
</li>
