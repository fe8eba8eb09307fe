{{-- A table that may be wider than its place: it scrolls by hand and by keys, under a name. --}}
@props(['label'])
<div class="book-frame" tabindex="0" role="region" aria-label="{{ $label }}">{{ $slot }}</div>
