@props(['line', 'head', 'today', 'work' => false])
<svg class="season-line" viewBox="0 0 {{ $line::WIDTH }} {{ $line->height() }}" @if ($work) role="group" aria-label="{{ __('plan.line.work') }}" @else role="img" aria-label="{{ trans_choice('plan.line.of', count($line->stones), ['name' => $called($head->name)]) }}" @endif>
    @foreach ($line->spans as $span)<rect class="span span-{{ $span['kind'] }}" x="{{ $span['x'] }}" y="{{ $span['kind'] === 'away' ? 24 : 92 }}" width="{{ max(4, $span['width']) }}" height="{{ $span['kind'] === 'away' ? 76 : 8 }}"><title>{{ $span['says'] }}</title></rect>
        @if ($span['kind'] !== 'away')<text class="span-word" x="{{ $span['x'] }}" y="118">{{ $span['short'] }}</text>@endif @endforeach
    <line class="axis" x1="0" x2="{{ $line::WIDTH }}" y1="{{ $line::LINE_Y }}" y2="{{ $line::LINE_Y }}"/>
    @foreach ($line->weeks as $i => $week)<line class="hands-hour" x1="{{ $week['x'] }}" x2="{{ $week['x'] }}" y1="20" y2="100"/>@if ($i % 2 === 0)<text class="tick" x="{{ min(970, max(24, $week['x'])) }}" y="14">{{ $week['word'] }}</text>@endif @endforeach
    @foreach ($line->promised as $day)<path class="promised-mark" d="M{{ $day['x'] - 5 }} 104h10l-5 -7z"><title>{{ __('plan.line.promised') }}</title></path>@endforeach
    @foreach ($line->stones as $stone)
        <g @class(['season-stone', 'is-by-hand' => $stone['byHand'], 'is-broken-rule' => $stone['broken']]) @if ($work) tabindex="0" role="button" data-stone="{{ $stone['date'] }}" aria-label="{{ $stone['says'] }}" aria-pressed="false" @endif transform="translate({{ $stone['x'] }} {{ $line::LINE_Y }})">
            <circle class="stone-ground" r="{{ $stone['r'] }}"/>
            @if (in_array('mask', $stone['kinds'], true))<path class="stone-mask" d="M{{ -$stone['r'] + 3 }} 0a{{ $stone['r'] - 3 }} {{ $stone['r'] - 3 }} 0 0 1 {{ 2 * $stone['r'] - 6 }} 0z"/>@endif
            @if (array_intersect(['mild-protein', 'strong-protein'], $stone['kinds']) !== [])<path class="stone-protein" d="M{{ -$stone['r'] + 3 }} 0a{{ $stone['r'] - 3 }} {{ $stone['r'] - 3 }} 0 0 0 {{ 2 * $stone['r'] - 6 }} 0z"/>@endif
            @if (in_array('clarifying', $stone['kinds'], true))<circle class="stone-clarify" r="{{ $stone['r'] + 3 }}"/>@endif
            <title>{{ $stone['says'] }}</title>
        </g>
    @endforeach
</svg>
