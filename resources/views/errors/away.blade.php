<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><meta name="color-scheme" content="light dark"><meta http-equiv="refresh" content="5"><title>{{ __('errors.away-title') }}</title><link rel="icon" href="{{ asset('assets/mark.svg') }}" type="image/svg+xml"><link rel="stylesheet" href="{{ asset('assets/bulma.css') }}"><link rel="stylesheet" href="{{ asset('css/app.css') }}"></head>
<body><main class="page-bare"><div class="sign-in" role="status"><h1>{{ __('errors.away-title') }}</h1><p class="lead">{{ $sentence }}</p><p><a class="button is-strong" href="">{{ __('errors.away-again') }}</a></p></div></main></body>
</html>
