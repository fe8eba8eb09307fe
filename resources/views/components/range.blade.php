@props(['range'])
<svg class="result-range" viewBox="0 0 100 12" preserveAspectRatio="none" aria-hidden="true">
    <line class="result-track" x1="0" x2="100" y1="6" y2="6"/>
    <rect class="result-band" x="{{ $range->from }}" y="1" width="{{ max(1, $range->to - $range->from) }}" height="10"/>
    <line class="result-dot" x1="{{ $range->dot }}" x2="{{ $range->dot }}" y1="6" y2="6"/>
</svg>
