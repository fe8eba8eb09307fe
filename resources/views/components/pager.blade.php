{{-- The page before and the next of a list. --}}
@props(['of', 'label', 'before', 'after'])
@if ($of->hasPages())
    <nav class="objects" aria-label="{{ $label }}">
        @unless ($of->onFirstPage())<a class="button" rel="prev" href="{{ $of->previousPageUrl() }}">{{ $before }}</a>@endunless
        @if ($of->hasMorePages())<a class="button" rel="next" href="{{ $of->nextPageUrl() }}">{{ $after }}</a>@endif
    </nav>
@endif
