@if ($account['verdict'] ?? '')<p class="verdict-words">{{ $account['verdict'] }}</p>@endif
<table class="table moves">
    <thead><tr><th scope="col">Reserve, 0 to 100</th><th scope="col" class="num">without it</th><th scope="col" class="num">with it</th></tr></thead>
    <tbody>
    @foreach ($account['after'] as $s => $stratum)
        @foreach (['moisture' => 'moisture', 'protein' => 'protein', 'build_up' => 'build-up'] as $key => $words)
            <tr>
                <td>{{ $words }}{{ count($account['after']) > 1 ? ', ' . $stratum['name'] : '' }}</td>
                <td class="num">{{ isset($account['before'][$s]) ? $account['before'][$s][$key][0] . ' ± ' . $account['before'][$s][$key][1] : '' }}</td>
                <td class="num"><strong>{{ $stratum[$key][0] }}</strong> ± {{ $stratum[$key][1] }}</td>
            </tr>
        @endforeach
    @endforeach
    </tbody>
</table>
<div>
    <ul class="tells">
        @foreach ($account['readings'] as $reading)
            @foreach ($reading['signs'] as $sign)
                <li @class(['is-again' => $sign['again']])>
                    @if ($reading['zone'])<b>{{ __("nagomi.zones.{$reading['zone']}") }}</b> @endif<x-sign :sign="$sign"/>
                    @if ($sign['again'])
                        <strong>Check again:</strong> this does not fit what was expected. It counts for little until you have taken it once more.
                        @if ($live)<form method="post" action="{{ route('clients.readings.confirm', [$head, $reading['key']]) }}"><x-act/><button class="button is-small">Taken again, it is so</button></form>@endif
                    @endif
                </li>
            @endforeach
            @if ($reading['besides'] ?? '')<li>{{ $reading['besides'] }}.</li>@endif
        @endforeach
    </ul>
    @if ($account['ruled_out'] !== [])<p>Ruled out: {{ implode(', ', array_map(fn ($cell) => __("nagomi.cells.{$cell}"), $account['ruled_out'])) }}.</p>@endif
</div>
