<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ __('home-routine.of-name', ['name' => $head->name]) }}</title>
    {{-- A page of paper, not of the web: its style travels inside it. --}}
    <style>
        @page { margin: 16mm 16mm; } body { font-family: "{{ $letters }}", sans-serif; font-size: {{ $size }}pt; color: #22313B; line-height: 1.28; } h1 { font-family: "{{ $headings }}", serif; font-size: 2em; margin: 0; } h2 { font-size: 1.06em; color: #1F5F62; border-bottom: 1px solid #CFC4B0; padding-bottom: 2pt; margin: .8em 0 .3em; } h3 { font-family: "{{ $headings }}", serif; font-size: 1.1em; margin: .5em 0 .1em; } p { margin: 1pt 0; } ul { list-style: none; padding: 0; margin: 2pt 0; } li { margin: 1.6pt 0; } .reason { color: #5A6772; } a { color: inherit; text-decoration: none; font-weight: bold; } .tick-box { display: inline-block; width: 7pt; height: 7pt; border: 1px solid #22313B; margin-right: 4pt; }
    </style>
</head>
<body>
    <h1>{{ $head->name }}</h1>
    <p>{{ __('home-routine.of-name', ['name' => $salon->name]) }}, {{ $day }}.@if ($next) {{ __('home-routine.visit') }}: {{ __('home-routine.visit-on', $next) }}.@endif</p>
    <h2>{{ __('home-routine.at-home') }}</h2>
    @include('home-routine.client.days', ['ticks' => false])
    @if ($style)<h2>{{ __('home-routine.style.title-paper') }}</h2><p>{{ __('home-routine.style.day', ['style' => ucfirst(__("nagomi.stylings.{$style->styling}")), 'day' => $styleDay]) }} {{ __('home-routine.style.keep') }}</p>@endif
    @if ($due !== [])<h2>{{ __('chair-work.home.title') }}</h2><ul class="card-list">@foreach ($due as $one)<li>{{ $one }}</li>@endforeach</ul>@endif
    @include('home-routine.client.watch')
</body>
</html>
