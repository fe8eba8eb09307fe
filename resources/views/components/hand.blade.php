<svg class="hand-picture" viewBox="0 0 {{ $picture::WIDTH }} {{ $picture::HEIGHT }}" role="img" aria-label="{{ $picture->says }}">
    @foreach ($picture->strokes as $stroke)<path class="of-{{ $stroke['kind'] }}" d="{{ $stroke['path'] }}" transform="{{ $stroke['transform'] }}"/>@endforeach
</svg>
