{{-- What one test would tell, as it stands on the form. --}}
@foreach ($readings as $reading)
    @foreach ($reading['signs'] as $sign)
        <p @class(['is-again' => $sign['again']])>@if ($reading['zone']){{ $reading['zone'] }}: @endif<x-sign :sign="$sign"/>@if ($sign['again']) <strong>Check again:</strong> this does not fit what was expected; it will count for little until you have taken it once more. @endif</p>
    @endforeach
    @if ($reading['besides'] ?? '')<p>{{ $reading['besides'] }}.</p>@endif
    @php($moves = array_filter($reading['moved'], fn ($moved) => max(abs($moved['moisture']), abs($moved['protein'])) >= 0.05) !== [])
    @if (! $moves)
        <p class="reason">{{ __('hair-tests.moves-nothing') }}</p>
    @else
        <p class="reason">@foreach ($reading['moved'] as $moved){{ count($reading['moved']) > 1 ? $moved['name'] . ': ' : '' }}moves moisture @signed($moved['moisture']), protein @signed($moved['protein']){{ $loop->last ? '.' : '; ' }}@endforeach</p>
    @endif
@endforeach
