@php
    $tenths = fn (int $value, bool $sign = false) => ($value < 0 ? '−' : ($sign && $value > 0 ? '+' : '')) . intdiv(abs($value), 10) . '.' . abs($value) % 10;
@endphp
<x-layout :title="'How we got here, for ' . $called($head->name)" :head="$head">
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>How we got here</h1><p class="lead">Where the numbers come from: each line is what a step put in or took out, what time took, and what readings corrected.</p></div>
    </header>
    <nav class="filters" aria-label="Part of the book">
        @if (count($outlook->standing) > 1)
            <span>
                @foreach ($outlook->standing as $s => $part)
                    <a @class(
                        ['button', 'is-strong' => $s === $stratum],
                    ) href="{{ route('clients.history.ledger', [$head, 'stratum' => $s, 'weeks' => $weeks]) }}" @if ($s === $stratum) aria-current="true" @endif>{{ $part['name'] }}</a>
                @endforeach
            </span>
        @endif
        <span>
            @foreach (App\Pages\History\LedgerScreen::WEEKS as $choice)
                <a @class(
                    ['button', 'is-strong' => $choice === $weeks],
                ) href="{{ route('clients.history.ledger', [$head, 'stratum' => $stratum, 'weeks' => $choice]) }}" @if ($choice === $weeks) aria-current="true" @endif>{{ $choice }} weeks</a>
            @endforeach
        </span>
    </nav>
    <x-wide-table label="Balance book">
    <table class="table book is-fullwidth">
        <caption class="is-sr-only">Balance book of {{ $outlook->standing[$stratum]['name'] }} from the evening of {{ $opensOn->format('j M Y') }}, in units of reserve from 0 to 100</caption>
        <thead>
        <tr><th scope="col">Day</th><th scope="col">Line</th><th scope="col" class="num moisture">Moisture</th><th scope="col" class="num protein">Protein</th><th scope="col" class="num build-up">Build-up</th></tr>
        </thead>
        <tbody>
        <tr class="is-total"><td>{{ $opensOn->format('j M') }}</td><td>{{ __('nagomi.ledger.opens') }}</td>@foreach ($opening as $amount)<td class="num">{{ $tenths($amount) }}</td>@endforeach</tr>
        @if ($lookedBack)
            <tr class="is-reading"><td></td><td>{{ __('nagomi.ledger.looked-back') }}</td>@foreach ($lookedBack as [$mean, $sd])<td class="num">{{ number_format($mean, 1) }} <span class="unit">± {{ number_format($sd, 1) }}</span></td>@endforeach</tr>
        @endif
        @php($day = null)
        @foreach ($lines as $line)
            <tr class="is-{{ $line['kind'] }}">
                <td>{{ $line['date']->format('j M') === $day ? '' : $line['date']->format('j M') }}</td>
                <td>{{ $line['says'] }}</td>
                @foreach ($line['amounts'] as $amount)<td class="num">{{ $amount === 0 ? '·' : $tenths($amount, true) }}</td>@endforeach
            </tr>
            @php($day = $line['date']->format('j M'))
        @endforeach
        <tr class="is-rounding"><td></td><td>Rounding of the lines above to one decimal</td>@foreach ($rounding as $amount)<td class="num">{{ $amount === 0 ? '·' : $tenths($amount, true) }}</td>@endforeach</tr>
        </tbody>
        <tfoot>
        <tr class="is-total"><td>{{ $outlook->as_of->format('j M') }}</td><td>Balance today</td>@foreach ($closing as $amount)<td class="num">{{ $tenths($amount) }}</td>@endforeach</tr>
        <tr><td></td><td>Doubt (one standard deviation)</td>
            <td class="num">± {{ $outlook->standing[$stratum]['moisture'][1] }}</td><td class="num">± {{ $outlook->standing[$stratum]['protein'][1] }}</td><td class="num">± {{ $outlook->standing[$stratum]['build_up'][1] }}</td></tr>
        <tr><td></td><td>Target, comfortable {{ $bandHalfWidth }} either side; build-up comfortable under {{ $buildUpLimit }}</td>
            <td class="num">{{ $outlook->standing[$stratum]['target_moisture'] }}</td><td class="num">{{ $outlook->standing[$stratum]['target_protein'] }}</td><td class="num">{{ $buildUpLimit }}</td></tr>
        </tfoot>
    </table>
    </x-wide-table>
</x-layout>
