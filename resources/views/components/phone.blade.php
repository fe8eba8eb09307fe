@props(['number'])
@named @if ((string) $number !== '')<a class="phone" href="tel:{{ preg_replace('/[^+0-9]/', '', $number) }}">{{ $number }}</a>@endif @endnamed
