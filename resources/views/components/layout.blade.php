@props(['title', 'head' => null, 'bare' => false])
<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    @auth<meta name="stylist" content="{{ auth()->id() }}"><meta name="owner" content="salon {{ auth()->user()->salon_id }} stylist {{ auth()->id() }}">@endauth
    <title>{{ $title }} · Nagomi</title>
    <link rel="icon" href="{{ asset('assets/mark.svg') }}" type="image/svg+xml">
    <link rel="stylesheet" href="{{ asset('assets/bulma.css') }}">
    <link rel="stylesheet" href="{{ asset('css/app.css') }}">
    <script type="module" src="{{ asset('js/screens/every.js') }}"></script>
    {{ $scripts ?? '' }}
</head>
<body>
<a class="skip" href="#main">{{ __('layout.skip') }}</a>
@unless ($bare)
    <nav class="rail" aria-label="Nagomi">
        <a class="rail-name" href="{{ route('today') }}">Nagomi</a>
        <button type="button" class="rail-button rail-find" data-open="find">{{ __('layout.find.open') }} <kbd>k</kbd></button>
        <ul class="rail-main">
            <li><a href="{{ route('today') }}" data-key="t" @if(request()->routeIs('today', 'today.*', 'bookings.*')) aria-current="page" @endif>{{ __('layout.rail.today') }} <kbd>t</kbd></a></li>
            <li><a href="{{ route('clients.index') }}" data-key="h" @if(request()->routeIs('clients.index')) aria-current="page" @endif>{{ __('layout.rail.clients') }} <kbd>h</kbd></a></li>
            <li><a href="{{ route('products') }}" data-key="p" @if(request()->routeIs('products', 'products.*')) aria-current="page" @endif>{{ __('layout.rail.products') }} <kbd>p</kbd></a></li>
            @reaches('reports')<li><a href="{{ route('reports') }}" @if(request()->routeIs('reports', 'reports.*')) aria-current="page" @endif>{{ __('layout.rail.reports') }}</a></li>@endreaches
            @reaches('practice')<li><a href="{{ route('practice') }}" @if(request()->routeIs('practice', 'practice.*')) aria-current="page" @endif>{{ __('practice.title') }}</a></li>@endreaches
            <li><a href="{{ route($salonIs) }}" data-key="o" @if(request()->routeIs('salon.*')) aria-current="page" @endif>{{ __('layout.rail.salon') }} <kbd>o</kbd></a></li>
        </ul>
        @if ($head)
            <ul class="rail-client">
                <li class="rail-of"><span class="rail-whole">{{ $called($head->name) }}</span><span class="rail-short" aria-hidden="true">{{ explode(' ', $called($head->name))[0] }}</span></li>
                @reaches('clients.plan')
                <li><a href="{{ route('clients.now', $head) }}" data-key="r" @if(request()->routeIs('clients.now')) aria-current="page" @endif>{{ __('layout.client.now') }} <kbd>r</kbd></a></li>
                <li><a href="{{ route('clients.hair-tests', $head) }}" data-key="b" @if(request()->routeIs('clients.hair-tests', 'clients.hair-tests.zones', 'clients.history', 'clients.history.show', 'clients.history.edit')) aria-current="page" @endif>{{ __('layout.client.hair-tests') }} <kbd>b</kbd></a></li>
                <li><a href="{{ route('clients.wash', $head) }}" data-key="a" @if(request()->routeIs('clients.wash', 'clients.wash.*')) aria-current="page" @endif>{{ __('layout.client.wash') }} <kbd>a</kbd></a></li>
                <li><a href="{{ route('clients.wash-days', $head) }}" data-key="w" @if(request()->routeIs('clients.wash-days')) aria-current="page" @endif>{{ __('layout.client.wash-days') }} <kbd>w</kbd></a></li>
                <li><a href="{{ route('clients.plan', $head) }}" data-key="s" @if(request()->routeIs('clients.plan')) aria-current="page" @endif>{{ __('layout.client.plan') }} <kbd>s</kbd></a></li>
                <li><a href="{{ route('clients.home-routine', $head) }}" data-key="c" @if(request()->routeIs('clients.home-routine')) aria-current="page" @endif>{{ __('layout.client.home-routine') }} <kbd>c</kbd></a></li>
                <li><a href="{{ route('clients.trends', $head) }}" data-key="d" @if(request()->routeIs('clients.trends')) aria-current="page" @endif>{{ __('layout.client.trends') }} <kbd>d</kbd></a></li>
                <li><a href="{{ route('clients.history.ledger', $head) }}" data-key="l" @if(request()->routeIs('clients.history.ledger', 'clients.history.cause')) aria-current="page" @endif>{{ __('layout.client.ledger') }} <kbd>l</kbd></a></li>
                <li><details class="rail-more" @if(request()->routeIs('clients.pictures', 'clients.consent', 'clients.products', 'clients.style', 'clients.trials', 'clients.edit', 'clients.contact', 'clients.trail', 'clients.erase', 'clients.practice')) open @endif><summary>{{ __('layout.client.more') }}</summary>
                    <ul>
                        <li><a href="{{ route('clients.edit', $head) }}" @if(request()->routeIs('clients.edit')) aria-current="page" @endif>{{ __('layout.client.edit') }}</a></li>
                        <li><a href="{{ route('clients.contact', $head) }}" @if(request()->routeIs('clients.contact')) aria-current="page" @endif>{{ __('layout.client.contact') }}</a></li>
                        <li><a href="{{ route('clients.consent', $head) }}" @if(request()->routeIs('clients.consent')) aria-current="page" @endif>{{ __('consent.title') }}</a></li>
                        <li><a href="{{ route('clients.pictures', $head) }}" @if(request()->routeIs('clients.pictures')) aria-current="page" @endif>{{ __('layout.client.pictures') }}</a></li>
                        <li><a href="{{ route('clients.products', $head) }}" @if(request()->routeIs('clients.products')) aria-current="page" @endif>{{ __('layout.client.products') }}</a></li>
                        <li><a href="{{ route('clients.style', $head) }}" @if(request()->routeIs('clients.style')) aria-current="page" @endif>{{ __('layout.client.style') }}</a></li>
                        <li><a href="{{ route('clients.trials', $head) }}" @if(request()->routeIs('clients.trials')) aria-current="page" @endif>{{ __('layout.client.trials') }}</a></li>
                        @reaches('clients.practice')<li><a href="{{ route('clients.practice', $head) }}" @if(request()->routeIs('clients.practice')) aria-current="page" @endif>{{ __('practice.lived.link') }}</a></li>@endreaches
                        @reaches('clients.trail')<li><a href="{{ route('clients.trail', $head) }}" @if(request()->routeIs('clients.trail')) aria-current="page" @endif>{{ __('layout.client.trail') }}</a></li>@endreaches
                        @reaches('clients.erase')<li><a href="{{ route('clients.erase', $head) }}" @if(request()->routeIs('clients.erase')) aria-current="page" @endif>{{ __('layout.client.erase') }}</a></li>@endreaches
                    </ul></details></li>
                @else
                <li><a href="{{ route('clients.contact', $head) }}" @if(request()->routeIs('clients.contact')) aria-current="page" @endif>{{ __('layout.client.contact') }}</a></li>
                @endreaches
            </ul>
        @endif
        <ul class="rail-end">
            <li><button type="button" class="rail-button" data-open="keys">{{ __('layout.keys.title') }} <kbd>?</kbd></button></li>
            <li>
                <form method="post" action="{{ route('sign-out') }}" data-sign-out><x-act/><button class="rail-button">{{ __('layout.sign-out') }}</button></form>
            </li>
            @foreach ($otherSalons as $seat => $salonName)<li><form method="post" action="{{ route('account.salon') }}" data-sign-out><x-act/> @method('put')<button class="rail-button" name="seat" value="{{ $seat }}">{{ __('layout.to-salon', ['salon' => $salonName]) }}</button></form></li>@endforeach
            @foreach ($otherLanguages as $code => $language)<li><form method="post" action="{{ route('language') }}"><x-act/> @method('put')<button class="rail-button" name="language" value="{{ $code }}" lang="{{ $code }}">{{ $language }}</button></form></li>@endforeach
        </ul>
    </nav>
@endunless
<main id="main" @class(['page' => ! $bare, 'page-bare' => $bare])>
    @if (session('said'))
        <div class="said" role="status">
            <span>{{ session('said') }}</span>
            @if (session('undo'))
                <form method="post" action="{{ session('undo') }}"><x-act/> @method('delete')<button class="button is-small">{{ __('layout.undo') }}</button></form>
            @endif
        </div>
    @endif
    @if (isset($errors) && $errors->any())
        <div class="wrong" role="alert" tabindex="-1" data-errors>
            <strong>{{ __('layout.errors.nothing-saved') }}</strong>
            {{ trans_choice('layout.errors.look', $errors->count()) }}
            <ul>@foreach (array_slice($errors->messages(), 0, 8) as $field => $sentences)<li><a href="#f-{{ $field }}">{{ $sentences[0] }}</a></li>@endforeach</ul>
        </div>
    @endif
    {{ $slot }}
</main>
{{ $offline ?? '' }}
@empty($offline)<x-offline/>@endempty
@unless ($bare)
    <dialog id="keys" class="keys" aria-labelledby="keys-title">
        <h2 id="keys-title">{{ __('layout.keys.title') }}</h2>
        <dl>
            <dt><kbd>k</kbd></dt><dd>{{ __('layout.keys.find', ['keys' => 'Ctrl K']) }}</dd>
            @foreach (['t' => 'rail.today', 'h' => 'rail.clients', '/' => 'keys.search', 'p' => 'rail.products', 'n' => 'keys.new', 'o' => 'rail.salon', 'r b a w s c d l' => 'keys.client', 'f m' => 'keys.plan'] as $keys => $words)
                <dt>@foreach (explode(' ', $keys) as $key)<kbd>{{ $key }}</kbd> @endforeach</dt><dd>{{ __("layout.{$words}") }}</dd>
            @endforeach
            <dt><kbd>←</kbd> <kbd>→</kbd></dt><dd>{{ __('layout.keys.balance', ['shift' => 'Shift']) }}</dd>
            <dt><kbd>?</kbd></dt><dd>{{ __('layout.keys.sheet', ['escape' => 'Esc']) }}</dd>
        </dl>
        <label class="checkbox"><input type="checkbox" data-single-keys checked><span>{{ __('layout.keys.off') }}</span></label>
        <p><button type="button" class="button" data-tour>{{ __('layout.keys.tour') }}</button></p>
        <form method="dialog"><button class="button">{{ __('layout.keys.close') }}</button></form>
    </dialog>
    <template id="layout-words">{{ json_encode(['find' => array_diff_key((array) __('layout.find'), ['places' => 1]), 'tour' => __('layout.tour'), 'asks' => route('find', [], false)], JSON_UNESCAPED_UNICODE) }}</template>
@endunless
</body>
</html>
