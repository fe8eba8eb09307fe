<svg {{ $attributes->class(['portrait']) }} viewBox="0 0 {{ $portrait::WIDTH }} {{ $portrait::HEIGHT }}" role="img" aria-label="{{ $portrait->words->say() }}">
    @if ($portrait->coat > 0 || $attributes->has('data-living-strand'))<path class="strand-coat" d="{{ $portrait->path }}" stroke-width="{{ $portrait->coat }}"/>@endif
    <path class="strand" d="{{ $portrait->path }}" stroke-width="{{ $portrait->weight }}" @if ($portrait->gaps) stroke-dasharray="{{ $portrait->gaps }}" @endif />
    <path class="nick" d="{{ $portrait->nickPath() }}"/>
</svg>
