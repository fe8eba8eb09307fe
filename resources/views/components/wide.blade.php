{{-- A table or a picture that may be wider than its place: it scrolls by hand and by keys, under a name. --}}
@props(['label'])
<div {{ $attributes->class('book-frame') }} tabindex="0" role="region" aria-label="{{ $label }}">{{ $slot }}</div>
