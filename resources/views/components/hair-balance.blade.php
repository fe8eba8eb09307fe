@props(['balance', 'verdict' => '', 'name' => 'a', 'label' => __('hair-balance.span.both'), 'strand' => null, 'beside' => null, 'truth' => null, 'top' => 0])
@php($band = $balance->band)
<figure @class(['balance', 'is-ahead' => $balance->todayX <= 60, 'has-truth' => $truth !== null]) data-balance @if ($strand) data-strand="{{ json_encode($strand->forThePage()) }}" @endif>
    @if (count($balance->strata) > 1)
        <div class="joined" role="group" aria-label="{{ __('hair-balance.strata') }}">
            @foreach ($balance->strata as $s => $stratum)<button type="button" data-stratum="{{ $s }}" aria-pressed="{{ $s === 0 ? 'true' : 'false' }}">{{ ucfirst($stratum['name']) }}</button>@endforeach
        </div>
    @endif
    <div class="balance-frame">
    <svg viewBox="0 {{ $top }} {{ $balance::WIDTH }} {{ $balance::HEIGHT - $top }}" tabindex="0" role="img"
         aria-label="{{ __('hair-balance.label', ['span' => $label, 'verdict' => $verdict]) }}"
         data-days="{{ json_encode($balance->days, JSON_UNESCAPED_UNICODE) }}" data-today="{{ $balance->todayX }}" @if ($beside ?? $truth) data-beside="{{ json_encode(array_column(($beside ?? $truth)->days, 'says'), JSON_UNESCAPED_UNICODE) }}" @endif>
        <rect class="comfort" x="{{ $balance::LEFT }}" y="{{ $band[0] }}" width="{{ $balance::RIGHT - $balance::LEFT }}" height="{{ $band[1] - $band[0] }}"/>
        <line class="liking" x1="{{ $balance::LEFT }}" x2="{{ $balance::RIGHT }}" y1="{{ $balance::MIDDLE }}" y2="{{ $balance::MIDDLE }}"/>
        <text class="balance-word" x="20" y="{{ $band[0] + 20 }}">{{ __('hair-balance.words.in') }}</text>
        @foreach ($balance->strata as $s => $stratum)
            <g data-of="{{ $s }}" @if ($s > 0) hidden @endif>
                @foreach (['until', 'planned'] as $when)
                    <g @class(['balance-planned' => $when === 'planned'])>
                        @foreach (['moisture', 'protein'] as $leads)@if ($stratum['gaps'][$when][$leads] !== '')<path class="{{ $leads }}-leads" d="{{ $stratum['gaps'][$when][$leads] }}"/>@endif @endforeach
                        @foreach (['moisture', 'protein'] as $side)
                            @if ($stratum[$side][$when])
                                <path class="{{ $side }}-ribbon" d="{{ $stratum[$side][$when]['ribbon'] }}"/>
                                <path class="{{ $side }}-line" d="{{ $stratum[$side][$when]['line'] }}"/>
                            @endif
                        @endforeach
                    </g>
                @endforeach
                @if ($beside)@foreach (['moisture', 'protein'] as $side)@if ($beside->strata[$s][$side]['planned'])<path class="{{ $side }}-line is-beside" d="{{ $beside->strata[$s][$side]['planned']['line'] }}"/>@endif @endforeach @endif
                @if ($truth)@foreach (['moisture', 'protein'] as $side)@if ($truth->strata[$s][$side]['planned'])<path class="{{ $side }}-line is-truth" d="{{ $truth->strata[$s][$side]['planned']['line'] }}"/>@endif @endforeach @endif
                @foreach (['moisture', 'protein'] as $side)
                    <text class="balance-name {{ $side }}-word" x="{{ $balance::RIGHT - 4 }}" y="{{ $stratum[$side]['end'] + (($stratum['moisture']['end'] <= $stratum['protein']['end']) !== ($side === 'protein') ? -7 : 16) }}">{{ __("hair-balance.words.{$side}") }}</text>
                    @if ($balance->todayX > 60)
                        @if ($balance->washesToday && $stratum[$side]['after'] !== null)<circle class="balance-after {{ $side }}-mark" cx="{{ $balance->todayX }}" cy="{{ $stratum[$side]['after'] }}" r="6"/>@endif
                        @if ($stratum[$side]['now'] !== null)<circle class="balance-now {{ $side }}-mark" cx="{{ $balance->todayX }}" cy="{{ $stratum[$side]['now'] }}" r="4"/>@endif
                    @endif
                @endforeach
            </g>
        @endforeach
        <text class="balance-word is-beyond" x="20" y="{{ $band[0] - 10 }}">{{ __('hair-balance.words.more') }}</text>
        <text class="balance-word is-beyond" x="20" y="{{ $band[1] + 24 }}">{{ __('hair-balance.words.less') }}</text>
        <line class="axis" x1="{{ $balance::LEFT }}" x2="{{ $balance::RIGHT }}" y1="{{ $balance::DONE_Y }}" y2="{{ $balance::DONE_Y }}"/>
        @foreach ($balance->washes as $wash)
            <g @class(['stone', 'is-planned' => $wash['planned']]) transform="translate({{ $wash['x'] }} {{ $balance::DONE_Y }})">
                <title>{{ $wash['says'] }}</title>
                @include('components.stone', ['kinds' => $wash['kinds']])
            </g>
        @endforeach
        @if ($beside)
            <text class="tick is-strip" x="27" y="{{ $balance::DONE_Y - 5 }}">{{ __('what-if.strip.changed') }}</text>
            <text class="tick is-strip" x="27" y="{{ $balance::TESTS_Y + 13 }}">{{ __('what-if.strip.planned') }}</text>
            @foreach ($beside->washes as $wash)<g class="stone is-beside" transform="translate({{ $wash['x'] }} {{ $balance::TESTS_Y + 8 }}) scale(.62)"><title>{{ $wash['says'] }}</title>@include('components.stone', ['kinds' => $wash['kinds']])</g>@endforeach
        @endif
        @foreach ($balance->tests as $x)<path class="gauge" d="M{{ $x }} {{ $balance::TESTS_Y }}l4.5 8h-9z"/>@endforeach
        @if ($balance->todayX > 60)
            <line class="weir" x1="{{ $balance->todayX }}" x2="{{ $balance->todayX }}" y1="14" y2="{{ $balance::TESTS_Y + 8 }}"/>
            <text class="weir-word is-before" x="{{ $balance->todayX - 7 }}" y="24">{{ __('hair-balance.words.now') }}</text>
            <text class="weir-word is-planned" x="{{ $balance->todayX + 7 }}" y="24">{{ __('hair-balance.words.planned') }}</text>
        @endif
        <line class="cursor" x1="0" x2="0" y1="28" y2="{{ $balance::TESTS_Y + 8 }}" hidden/>
        @foreach ($balance->ticks as $tick)<text class="tick" x="{{ max(34, min($balance::RIGHT - 22, $tick['x'])) }}" y="{{ $balance::HEIGHT - 4 }}">{{ $tick['label'] }}</text>@endforeach
    </svg>
    </div>
    <figcaption>
        <div class="balance-step">
            <button type="button" class="button is-small" data-step="-1" aria-label="{{ __('hair-balance.step.back') }}">‹</button>
            <button type="button" class="button is-small" data-step="0">{{ __($truth === null ? 'hair-balance.step.today' : 'hair-balance.step.first') }}</button>
            <button type="button" class="button is-small" data-step="1" aria-label="{{ __('hair-balance.step.on') }}">›</button>
            <p class="readout" data-readout aria-live="polite">{{ __('hair-balance.read') }}</p>
        </div>
        <ul class="legend" aria-label="{{ __('hair-balance.key.title') }}">
            @foreach (['band', 'moisture-leads', 'protein-leads', 'mask', 'protein', 'clarify', 'wash'] as $kind)<li><i class="dot dot-{{ $kind }}"></i>{{ __("hair-balance.key.{$kind}") }}</li>@endforeach
            @if (collect($balance->washes)->contains(fn ($wash) => in_array('service', $wash['kinds'], true)))<li><i class="dot dot-service"></i>{{ __('hair-balance.key.service') }}</li>@endif
            @if ($balance->tests !== [])<li><i class="dot dot-gauge"></i>{{ __('hair-balance.key.tests') }}</li>@endif
            @if ($balance->todayX > 60)
                <li><i class="dot dot-now"></i>{{ __('hair-balance.key.now') }}</li>
                @if ($balance->washesToday)<li><i class="dot dot-after"></i>{{ __('hair-balance.key.after') }}</li>@endif
            @endif
            <li>{{ __('hair-balance.key.ribbon') }}</li>
            @if ($truth)<li>{{ __('practice.result.line') }}</li><li>{{ __('practice.result.known') }}</li>@elseif ($beside)<li>{{ __('hair-balance.key.beside') }}</li>@elseif ($balance->todayX > 60)<li>{{ __('hair-balance.key.planned') }}</li>@endif
        </ul>
        <x-picture-help of="hair-balance"/>
    </figcaption>
</figure>
