<!DOCTYPE html>
<html lang="{{ $language->code }}">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><meta name="color-scheme" content="light dark"><meta name="referrer" content="no-referrer"><title>{{ $language->say('stop.title') }}</title><link rel="icon" href="{{ asset('assets/mark.svg') }}" type="image/svg+xml"><link rel="stylesheet" href="{{ asset('assets/bulma.css') }}"><link rel="stylesheet" href="{{ asset('css/app.css') }}"></head>
<body><main class="page-bare"><div class="sign-in">
    <h1>{{ $language->say('stop.title') }}</h1>
    @if ($stopped || $head->reminded_by === 'nobody')
        <p class="lead">{{ $language->say('stop.done', ['salon' => $head->salon->name]) }}</p>
    @else
        <p class="lead">{{ $language->say('stop.ask', ['salon' => $head->salon->name]) }}</p>
        <form method="post" action="{{ URL::temporarySignedRoute('reminders.stop.now', now()->addDay(), ['head' => $head->id], absolute: false) }}"><button class="button is-strong">{{ $language->say('stop.do') }}</button></form>
    @endif
</div></main></body>
</html>
