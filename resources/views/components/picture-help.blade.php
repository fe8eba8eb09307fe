{{-- How a picture is read, one tap beside it. --}}
@props(['of'])
<details class="picture-help no-print"><summary>{{ __('picture-help.title') }}</summary>
    <ul>@foreach (__("picture-help.of.{$of}") as $line)<li>{{ $line }}</li>@endforeach{{ $slot }}</ul>
</details>
