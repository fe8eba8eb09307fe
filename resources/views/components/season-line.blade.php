@props(['line', 'head', 'today', 'work' => false, 'ahead' => null])
<svg class="season-line" viewBox="0 0 {{ $line::WIDTH }} {{ $line->height() + ($ahead ? $ahead::HEIGHT : 0) }}" @if ($work) role="group" aria-label="{{ __('plan.line.work') }}" @else role="img" aria-label="{{ trans_choice('plan.line.of', count($line->stones), ['name' => $called($head->name)]) }}" @endif>
    @foreach ($line->spans as $span)<rect class="span span-{{ $span['kind'] }}" x="{{ $span['x'] }}" y="{{ $span['kind'] === 'away' ? 24 : 92 }}" width="{{ max(4, $span['width']) }}" height="{{ $span['kind'] === 'away' ? 76 : 8 }}"><title>{{ $span['says'] }}</title></rect>
        @if ($span['kind'] !== 'away')<text class="span-word" x="{{ $span['x'] }}" y="118">{{ $span['short'] }}</text>@endif @endforeach
    <line class="axis" x1="0" x2="{{ $line::WIDTH }}" y1="{{ $line::LINE_Y }}" y2="{{ $line::LINE_Y }}"/>
    @foreach ($line->weeks as $i => $week)<line class="hands-hour" x1="{{ $week['x'] }}" x2="{{ $week['x'] }}" y1="20" y2="100"/>@if ($i % 2 === 0)<text class="tick" x="{{ min(970, max(24, $week['x'])) }}" y="14">{{ $week['word'] }}</text>@endif @endforeach
    @foreach ($line->promised as $day)<path class="promised-mark" d="M{{ $day['x'] - 5 }} 104h10l-5 -7z"><title>{{ __('plan.line.promised') }}</title></path>@endforeach
    @foreach ($line->stones as $stone)
        <g @class(['season-stone', 'is-by-hand' => $stone['byHand'], 'is-broken-rule' => $stone['broken']]) @if ($work) tabindex="0" role="button" data-stone="{{ $stone['date'] }}" aria-label="{{ $stone['says'] }}" aria-pressed="false" @endif transform="translate({{ $stone['x'] }} {{ $line::LINE_Y }})">
            <circle class="stone-ground" r="{{ $stone['r'] }}"/>
            @if ($stone['marks'] !== [])<g class="stone" transform="scale({{ round($stone['r'] / 16.5, 2) }})">@include('components.stone', ['kinds' => $stone['marks']])</g>@endif
            <title>{{ $stone['says'] }}</title>
        </g>
    @endforeach
    @if ($ahead)
        @php($stratum = $ahead->balance->strata[0])
        <g class="plan-balance" transform="translate(0 {{ $line->height() }})">
            <title>{{ __('plan.balance.label', ['of' => $stratum['name']]) }}</title>
            <rect class="comfort" x="{{ $ahead->x }}" y="{{ $ahead->band[0] }}" width="{{ $ahead->width }}" height="{{ $ahead->band[1] - $ahead->band[0] }}"/>
            @foreach ($line->stones as $stone)<line class="plan-drop" x1="{{ $stone['x'] }}" x2="{{ $stone['x'] }}" y1="{{ $line::LINE_Y + $stone['r'] + 4 - $line->height() }}" y2="{{ $ahead::HEIGHT }}"/>@endforeach
            <svg x="{{ $ahead->x }}" y="0" width="{{ $ahead->width }}" height="{{ $ahead::HEIGHT }}" viewBox="{{ $ahead->viewBox }}" preserveAspectRatio="none" aria-hidden="true">
                @foreach (['moisture', 'protein'] as $side)@if ($stratum['gaps']['planned'][$side] !== '')<path class="{{ $side }}-leads" d="{{ $stratum['gaps']['planned'][$side] }}"/>@endif @endforeach
                @foreach (['moisture', 'protein'] as $side)@if ($stratum[$side]['planned'])<path class="{{ $side }}-ribbon" d="{{ $stratum[$side]['planned']['ribbon'] }}"/><path class="{{ $side }}-line" d="{{ $stratum[$side]['planned']['line'] }}"/>@endif @endforeach
            </svg>
            @foreach (['moisture', 'protein'] as $side)<text class="balance-name {{ $side }}-word" x="{{ $ahead->x + $ahead->width - 4 }}" y="{{ $ahead->nameY($side) }}">{{ __("hair-balance.words.{$side}") }}</text>@endforeach
            <text class="balance-word" x="{{ $ahead->x + 4 }}" y="{{ $ahead->band[0] + 15 }}">{{ __('hair-balance.words.in') }}</text>
            <text class="balance-word is-beyond" x="{{ $ahead->x + 4 }}" y="{{ $ahead->band[0] - 7 }}">{{ __('hair-balance.words.more') }}</text>
            <text class="balance-word is-beyond" x="{{ $ahead->x + 4 }}" y="{{ $ahead->band[1] + 16 }}">{{ __('hair-balance.words.less') }}</text>
        </g>
    @endif
</svg>
