{{-- What one test would tell, as it stands on the form. --}}
@foreach ($readings as $reading)
    @foreach ($reading['signs'] as $sign)
        <p @class(['is-again' => $sign['again']])>@if ($reading['zone']){{ $reading['zone'] }}: @endif<x-sign :sign="$sign"/>@if ($sign['again']) <strong>{{ __('hair-tests.check-again') }}</strong> {{ __('hair-tests.check-again-why') }} @endif</p>
    @endforeach
    @if ($reading['besides'] ?? null)<p>{{ $said($reading['besides']) }}.</p>@endif
    @php($moves = array_filter($reading['moved'], fn ($moved) => max(abs($moved['moisture']), abs($moved['protein'])) >= 0.05) !== [])
    @if (! $moves)
        <p class="reason">{{ __('hair-tests.moves-nothing') }}</p>
    @else
        <p class="reason">@foreach ($reading['moved'] as $moved){{ count($reading['moved']) > 1 ? $stratumName($moved['name']) . ': ' : '' }}{{ __('hair-tests.moves', ['moisture' => $signed($moved['moisture']), 'protein' => $signed($moved['protein'])]) }}{{ $loop->last ? '.' : '; ' }}@endforeach</p>
    @endif
@endforeach
