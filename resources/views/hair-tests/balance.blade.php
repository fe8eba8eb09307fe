{{-- Where the balance would stand with what is on the form. --}}
@foreach ($told->after as $s => $stratum)
    <p>@if (count($told->after) > 1)<b>{{ $stratum['name'] }}</b> @endif moisture {{ $told->before[$s]['moisture'][0] }} ± {{ $told->before[$s]['moisture'][1] }} → <strong>{{ $stratum['moisture'][0] }}</strong> ± {{ $stratum['moisture'][1] }}, protein {{ $told->before[$s]['protein'][0] }} ± {{ $told->before[$s]['protein'][1] }} → <strong>{{ $stratum['protein'][0] }}</strong> ± {{ $stratum['protein'][1] }}</p>
@endforeach
@if ($told->ruledOut !== [])<p>Ruled out: {{ implode(', ', array_map(fn ($cell) => __("nagomi.cells.{$cell}"), $told->ruledOut)) }}.</p>@endif
