@props(['picture', 'says'])
{{-- So many times as much, with its range: half on the left edge, as usual in the middle, twice on the right. --}}
<svg class="learned-bar" viewBox="0 0 {{ $picture::WIDTH }} 30" preserveAspectRatio="none" role="img" aria-label="{{ $says }}">
    <line class="result-track" x1="0" x2="{{ $picture::WIDTH }}" y1="15" y2="15"/>
    <rect class="result-band" x="{{ $picture->from }}" y="7" width="{{ max(1, $picture->to - $picture->from) }}" height="16"/>
    <line class="learned-shipped" x1="{{ $picture::SHIPPED }}" x2="{{ $picture::SHIPPED }}" y1="1" y2="29"/>
    <line class="result-dot" x1="{{ $picture->dot }}" x2="{{ $picture->dot }}" y1="15" y2="15"/>
</svg>
