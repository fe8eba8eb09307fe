@php
    $tenths = fn (int $value, bool $sign = false) => ($value < 0 ? '−' : ($sign && $value > 0 ? '+' : '')) . intdiv(abs($value), 10) . '.' . abs($value) % 10;
    $to = fn (array $with) => route('clients.history.ledger', [$head, ...['stratum' => $stratum, 'weeks' => $weeks, 'of' => $stairs->column], ...$with]);
    [$column, $picture] = [$stairs->column, $stairs->picture];
@endphp
<x-layout :title="__('ledger.title-of', ['name' => $called($head->name)])" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/pictures.css') }}"></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>{{ __('ledger.title') }}</h1><p class="lead">{{ __('ledger.lead') }}</p></div>
    </header>
    <div class="ledger-filters">
        <nav class="joined" aria-label="{{ __('ledger.what') }}">@foreach (__('ledger.of') as $of => $words)<a href="{{ $to(['of' => $of]) }}" @if ($of === $column) aria-current="true" @endif>{{ $words }}</a>@endforeach</nav>
        @if (count($outlook->standing) > 1)
            <nav class="joined" aria-label="{{ __('ledger.which') }}">@foreach ($outlook->standing as $s => $part)<a href="{{ $to(['stratum' => $s]) }}" @if ($s === $stratum) aria-current="true" @endif>{{ ucfirst($stratumName($part['name'])) }}</a>@endforeach</nav>
        @endif
        <nav class="joined" aria-label="{{ __('ledger.span') }}">@foreach ($spans as $choice)<a href="{{ $to(['weeks' => $choice]) }}" @if ($choice === $weeks) aria-current="true" @endif>{{ __('ledger.weeks', ['count' => $choice]) }}</a>@endforeach</nav>
    </div>
    <section class="card" aria-labelledby="stairs">
        <h2 id="stairs" class="is-sr-only">{{ __("ledger.of.{$column}") }}</h2>
        @if ($stairs->days === [])<p class="verdict-words">{{ __('ledger.says.nothing') }}</p><p class="more"><a class="button is-strong" href="{{ route('clients.hair-tests', $head) }}">{{ __('history.visits.first') }}</a></p>
        @else
            <p class="verdict-words">{{ __('ledger.says.' . ($stairs->end === $stairs->start ? 'same' : ($stairs->end > $stairs->start ? 'up' : 'down')), ['what' => __("ledger.of.{$column}"), 'start' => $tenths($stairs->start), 'end' => $tenths($stairs->end), 'day' => $dated($opensOn, $weeks > 26 ? 'j M Y' : 'j M')]) }}</p>
            <p class="reason">{{ __('ledger.says.parts', array_map(fn ($sum) => $tenths($sum, true), $stairs->sums)) }}</p>
            <div class="balance-frame" tabindex="0"><svg @class(['stairs', "is-{$column}"]) viewBox="0 0 {{ $picture::WIDTH }} {{ $picture::HEIGHT }}" role="img" aria-label="{{ __('ledger.picture', ['what' => __("ledger.of.{$column}"), 'start' => $dated($opensOn, 'j M')]) }} {{ implode('; ', array_column($picture->steps, 'says')) }}">
                <rect class="comfort" x="{{ $picture::LEFT }}" y="{{ $picture->band[0] }}" width="{{ $picture::RIGHT - $picture::LEFT }}" height="{{ $picture->band[1] - $picture->band[0] }}" rx="4"/>
                @foreach ($picture->steps as $step)
                    <g><title>{{ $step['says'] }}</title>
                        <line class="stairs-level" x1="{{ $step['x'] - $picture->width }}" x2="{{ $step['x'] + $step['width'] }}" y1="{{ $step['fromY'] }}" y2="{{ $step['fromY'] }}"/>
                        <rect @class(['stairs-step', 'stairs-' . $step['kind']]) x="{{ $step['x'] }}" y="{{ $step['y'] }}" width="{{ $step['width'] }}" height="{{ $step['height'] }}" rx="2.5"/>
                    </g>
                @endforeach
                <line class="stairs-level" x1="{{ $picture->now['x'] - $picture->width }}" x2="{{ $picture->now['x'] + $picture->width * .5 }}" y1="{{ $picture->now['y'] }}" y2="{{ $picture->now['y'] }}"/>
                @foreach (['start' => $picture->start['x'] + $picture->width * .4, 'now' => $picture->now['x'] + $picture->width * .5] as $what => $x)
                    <circle class="stairs-end" cx="{{ $x }}" cy="{{ $picture->{$what}['y'] }}" r="7"/>
                    <text class="stairs-word" x="{{ max($picture::LEFT + 14, $x) }}" y="{{ $picture->{$what}['y'] - 13 }}">{{ __("ledger.{$what}") }}</text>
                @endforeach
                @foreach ($picture->dates as $date)<text class="share-word" x="{{ $date['x'] }}" y="{{ $picture::BOTTOM + 26 }}">{{ $date['label'] }}</text>@endforeach
            </svg></div>
            <ul class="legend"><li><i class="dot dot-band"></i>{{ __('ledger.band') }}</li>@foreach (array_unique(array_column($picture->steps, 'kind')) as $kind)<li><i @class(['dot', 'stairs-dot', "stairs-{$kind}", "is-{$column}"])></i>{{ __("ledger.kinds.{$kind}") }}</li>@endforeach</ul>
            <x-picture-help of="stairs"/>
        @endif
    </section>
    @if ($stairs->days !== [])
    <section class="card" aria-labelledby="by-day">
        <h2 id="by-day">{{ __('ledger.days') }}</h2>
        @foreach (array_reverse($stairs->days) as $day)
            @php($last = $day['steps'][count($day['steps']) - 1] ?? null)
            @if ($last)
            <details class="stairs-day"><summary><b>{{ $dated($day['date'], 'j M') }}</b> @foreach ($day['steps'] as $step)<span>{{ __("ledger.kinds.{$step->kind}") }} <strong>{{ $tenths($step->tenths(), true) }}</strong></span> @endforeach<span class="stairs-to">{{ $tenths($last->to) }}</span></summary>
                <ul>@foreach ($day['steps'] as $step)@foreach ($step->lines as $line)<li @class(['is-tests' => $step->kind === 'tests'])><span>{{ $line['says'] }}</span> <span class="num">{{ $tenths($line['tenths'], true) }}</span></li>@endforeach @endforeach</ul>
            </details>
            @endif
        @endforeach
    </section>
    @endif
    <details class="card ledger-all"><summary>{{ __('ledger.all.title') }}</summary>
    <p class="reason">{{ __('ledger.all.why') }}</p>
    <x-wide :label="__('ledger.all.label')">
    <table class="table book is-fullwidth">
        <caption class="is-sr-only">{{ __('ledger.all.caption', ['part' => $stratumName($outlook->standing[$stratum]['name']), 'day' => $dated($opensOn, 'j M Y')]) }}</caption>
        <thead>
        <tr><th scope="col">{{ __('ledger.all.day') }}</th><th scope="col">{{ __('ledger.all.line') }}</th>@foreach (['moisture' => 'moisture', 'protein' => 'protein', 'build_up' => 'build-up'] as $of => $class)<th scope="col" class="num {{ $class }}">{{ __("ledger.of.{$of}") }}</th>@endforeach</tr>
        </thead>
        <tbody>
        <tr class="is-total"><td>{{ $dated($opensOn, 'j M') }}</td><td>{{ __('nagomi.ledger.opens') }}</td>@foreach ($opening as $amount)<td class="num">{{ $tenths($amount) }}</td>@endforeach</tr>
        @if ($lookedBack)
            <tr class="is-reading"><td></td><td>{{ __('nagomi.ledger.looked-back') }}</td>@foreach ($lookedBack as [$mean, $sd])<td class="num">{{ $rounded($mean, 1) }} <span class="unit">± {{ $rounded($sd, 1) }}</span></td>@endforeach</tr>
        @endif
        @php($day = null)
        @foreach ($lines as $line)
            <tr class="is-{{ $line['kind'] }}">
                <td>{{ $dated($line['date'], 'j M') === $day ? '' : $dated($line['date'], 'j M') }}</td>
                <td>{{ $line['says'] }}</td>
                @foreach ($line['amounts'] as $amount)<td class="num">{{ $amount === 0 ? '·' : $tenths($amount, true) }}</td>@endforeach
            </tr>
            @php($day = $dated($line['date'], 'j M'))
        @endforeach
        <tr class="is-rounding"><td></td><td>{{ __('ledger.all.rounding') }}</td>@foreach ($rounding as $amount)<td class="num">{{ $amount === 0 ? '·' : $tenths($amount, true) }}</td>@endforeach</tr>
        </tbody>
        <tfoot>
        <tr class="is-total"><td>{{ $dated($outlook->as_of, 'j M') }}</td><td>{{ __('ledger.all.today') }}</td>@foreach ($closing as $amount)<td class="num">{{ $tenths($amount) }}</td>@endforeach</tr>
        <tr><td></td><td>{{ __('ledger.all.doubt') }}</td>
            <td class="num">± {{ $outlook->standing[$stratum]['moisture'][1] }}</td><td class="num">± {{ $outlook->standing[$stratum]['protein'][1] }}</td><td class="num">± {{ $outlook->standing[$stratum]['build_up'][1] }}</td></tr>
        <tr><td></td><td>{{ __('ledger.all.target', ['half' => $bandHalfWidth, 'limit' => $buildUpLimit]) }}</td>
            <td class="num">{{ $outlook->standing[$stratum]['target_moisture'] }}</td><td class="num">{{ $outlook->standing[$stratum]['target_protein'] }}</td><td class="num">{{ $buildUpLimit }}</td></tr>
        </tfoot>
    </table>
    </x-wide>
    </details>
</x-layout>
