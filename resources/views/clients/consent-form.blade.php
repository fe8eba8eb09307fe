<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ __('consent.of', ['name' => $head->name]) }}</title>
    {{-- A page of paper, not of the web: its style travels inside it. --}}
    <style>
        @page { margin: 20mm 20mm; } body { font-family: "{{ $letters }}", sans-serif; font-size: 10.5pt; color: #22313B; line-height: 1.4; } h1 { font-family: "{{ $headings }}", serif; font-size: 18pt; margin: 0 0 4pt; } h2 { font-family: "{{ $headings }}", serif; font-size: 12.5pt; margin: 16pt 0 4pt; } p { margin: 3pt 0; } .small { color: #5A6772; font-size: 9pt; } .box { display: inline-block; width: 9pt; height: 9pt; border: 1px solid #22313B; margin-right: 5pt; } table { width: 100%; margin-top: 28pt; } td { width: 46%; border-top: 1px solid #22313B; padding-top: 3pt; } td.gap { width: 8%; border: 0; }
    </style>
</head>
<body>
    <h1>{{ __('consent.of', ['name' => $head->name]) }}</h1>
    <p>{{ $head->salon->name }}</p>
    @foreach ($purposes as ['text' => $text])
        <h2>{{ __("consent.purposes.{$text->purpose->value}") }}</h2>
        <p>{{ $text->wording }}</p>
        <p class="small">{{ __('consent.words-of', ['day' => $dated($text->since)]) }}</p>
        <p><span class="box"></span>{{ __('consent.agreed') }}</p>
    @endforeach
    <table><tr><td>{{ __('consent.place-day') }}</td><td class="gap"></td><td>{{ __('consent.signed') }}, {{ $givenBy === '' ? '…' : $givenBy }}</td></tr></table>
    <p class="small">{{ __('consent.printed', ['day' => $day, 'salon' => $head->salon->name]) }}</p>
</body>
</html>
