<svg {{ $attributes->class(['portrait']) }} viewBox="0 0 {{ $portrait::WIDTH }} {{ $portrait::HEIGHT }}" role="img" aria-label="{{ $portrait->says }}">
    <path class="strand" d="{{ $portrait->path }}" stroke-width="{{ $portrait->weight }}" @if ($portrait->gaps) stroke-dasharray="{{ $portrait->gaps }}" @endif />
    @foreach ($portrait->nicks as $nick)<line class="nick" x1="{{ $nick['x1'] }}" y1="{{ $nick['y1'] }}" x2="{{ $nick['x2'] }}" y2="{{ $nick['y2'] }}"/>@endforeach
</svg>
