@props(['bottle'])
<svg {{ $attributes->class(['bottle']) }} viewBox="0 0 {{ $bottle::WIDTH }} {{ $bottle::HEIGHT }}" role="img" aria-label="{{ $bottle->says }}">
    <path class="bottle-cap" d="{{ $bottle->cap }}"/>
    <rect class="bottle-body" x="{{ $bottle->body['x'] }}" y="{{ $bottle->body['y'] }}" width="{{ $bottle->body['width'] }}" height="{{ $bottle->body['height'] }}" rx="9"/>
    @if ($bottle->inside)<rect class="bottle-inside" x="{{ $bottle->inside['x'] }}" y="{{ $bottle->inside['y'] }}" width="{{ $bottle->inside['width'] }}" height="{{ $bottle->inside['height'] }}" rx="5"/>
    @else<text class="bottle-unknown" x="{{ $bottle::WIDTH / 2 }}" y="{{ $bottle->body['y'] + $bottle->body['height'] / 2 + 8 }}">?</text>@endif
</svg>
