<div class="told-results">
    @if ($account['verdict'] ?? '')<p class="verdict-words">{{ $account['verdict'] }}</p>@endif
    <section class="card" aria-label="{{ __('history.results.off') }}">
        @if ($off === [] && $others === [])<p>{{ __('history.results.none-off') }}</p>
        @elseif ($off !== [])
            <h2>{{ __('history.results.off') }}</h2>
            <ul class="tells">@foreach ($off as $sign)@include('history.result')@endforeach</ul>
        @endif
        @if ($others !== [])<ul class="tells">@foreach ($others as $sign)@include('history.result')@endforeach</ul>@endif
        <x-picture-help of="results"/>
        @if ($expected !== [])
            <details @if ($off === [] && $others === []) open @endif><summary>{{ trans_choice('history.results.as-expected', count($expected)) }}</summary>
                <ul class="tells">@foreach ($expected as $sign)@include('history.result')@endforeach</ul>
            </details>
        @endif
    </section>
    <section class="card" aria-label="{{ __('history.results.balance') }}">
        <h2>{{ __('history.results.balance') }}</h2>
        @if ($account['after'] === [])<p>{{ __('history.results.not-tested') }}</p>@else
        <div class="changes">@foreach ($cells as $when => $of)<div class="changes-row"><span>{{ __("history.results.{$when}") }}</span><x-cells :cells="$of"/></div>@endforeach</div>
        @if ($account['ruled_out'] !== [])<p>{{ __('history.results.ruled-out', ['cells' => implode(', ', array_map(fn ($cell) => __("nagomi.cells.{$cell}"), $account['ruled_out']))]) }}</p>@endif
        <details><summary>{{ __('history.results.numbers') }}</summary>
            <x-wide :label="__('history.results.numbers')"><table class="table moves">
                <thead><tr><td></td><th scope="col" class="num">{{ __('history.results.before') }}</th><th scope="col" class="num">{{ __('history.results.after') }}</th></tr></thead>
                <tbody>
                @foreach ($account['after'] as $s => $stratum)
                    @foreach (['moisture' => __('hair-balance.words.moisture'), 'protein' => __('hair-balance.words.protein'), 'build_up' => __('history.results.build-up')] as $key => $words)
                        <tr>
                            <th scope="row">{{ count($account['after']) > 1 ? __('history.results.row', ['what' => $words, 'part' => $stratumName($stratum['name'])]) : $words }}</th>
                            <td class="num">{{ isset($account['before'][$s]) ? $account['before'][$s][$key][0] . ' ± ' . $account['before'][$s][$key][1] : '' }}</td>
                            <td class="num"><strong>{{ $stratum[$key][0] }}</strong> ± {{ $stratum[$key][1] }}</td>
                        </tr>
                    @endforeach
                @endforeach
                </tbody>
            </table></x-wide>
        </details>
        @endif
    </section>
</div>
