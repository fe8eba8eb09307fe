<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><meta name="color-scheme" content="light dark"><title>{{ __('errors.title') }}</title><link rel="icon" href="{{ asset('assets/mark.svg') }}" type="image/svg+xml"><link rel="stylesheet" href="{{ asset('assets/bulma.css') }}"><link rel="stylesheet" href="{{ asset('css/app.css') }}"></head>
<body><main class="page-bare"><div class="sign-in"><h1>{{ __('errors.title') }}</h1><p class="lead">{{ $sentence }}</p></div></main></body>
</html>
