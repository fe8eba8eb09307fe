@props(['title', 'head' => null, 'bare' => false])
<!DOCTYPE html>
<html lang="en">
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
<a class="skip" href="#main">Skip to the page</a>
@unless ($bare)
    <nav class="rail" aria-label="Nagomi">
        <a class="rail-name" href="{{ route('today') }}">Nagomi</a>
        <ul class="rail-main">
            <li><a href="{{ route('today') }}" data-key="t" @if(request()->routeIs('today', 'today.*', 'bookings.*')) aria-current="page" @endif>Today <kbd>t</kbd></a></li>
            <li><a href="{{ route('clients.index') }}" data-key="h" @if(request()->routeIs('clients.index')) aria-current="page" @endif>Clients <kbd>h</kbd></a></li>
            <li><a href="{{ route('products') }}" data-key="p" @if(request()->routeIs('products', 'products.*')) aria-current="page" @endif>Products <kbd>p</kbd></a></li>
            <li><a href="{{ route('reports') }}" @if(request()->routeIs('reports', 'reports.*')) aria-current="page" @endif>Reports</a></li>
            <li><a href="{{ route('salon.edit') }}" data-key="o" @if(request()->routeIs('salon.*')) aria-current="page" @endif>Salon <kbd>o</kbd></a></li>
        </ul>
        @if ($head)
            <ul class="rail-client">
                <li class="rail-of"><span class="rail-whole">{{ $called($head->name) }}</span><span class="rail-short" aria-hidden="true">{{ explode(' ', $called($head->name))[0] }}</span></li>
                <li><a href="{{ route('clients.now', $head) }}" data-key="r" @if(request()->routeIs('clients.now')) aria-current="page" @endif>Now <kbd>r</kbd></a></li>
                <li><a href="{{ route('clients.hair-tests', $head) }}" data-key="b" @if(request()->routeIs('clients.hair-tests', 'clients.hair-tests.zones', 'clients.history', 'clients.history.show', 'clients.history.edit')) aria-current="page" @endif>Hair tests <kbd>b</kbd></a></li>
                <li><a href="{{ route('clients.wash', $head) }}" data-key="a" @if(request()->routeIs('clients.wash', 'clients.wash.*')) aria-current="page" @endif>Wash <kbd>a</kbd></a></li>
                <li><a href="{{ route('clients.wash-days', $head) }}" data-key="w" @if(request()->routeIs('clients.wash-days')) aria-current="page" @endif>Wash days <kbd>w</kbd></a></li>
                <li><a href="{{ route('clients.plan', $head) }}" data-key="s" @if(request()->routeIs('clients.plan')) aria-current="page" @endif>Plan <kbd>s</kbd></a></li>
                <li><a href="{{ route('clients.home-routine', $head) }}" data-key="c" @if(request()->routeIs('clients.home-routine')) aria-current="page" @endif>Home routine <kbd>c</kbd></a></li>
                <li><a href="{{ route('clients.trends', $head) }}" data-key="d" @if(request()->routeIs('clients.trends')) aria-current="page" @endif>Trends <kbd>d</kbd></a></li>
                <li><a href="{{ route('clients.history.ledger', $head) }}" data-key="l" @if(request()->routeIs('clients.history.ledger', 'clients.history.cause')) aria-current="page" @endif>How we got here <kbd>l</kbd></a></li>
                <li><details class="rail-more" @if(request()->routeIs('clients.pictures', 'clients.products', 'clients.style', 'clients.trials', 'clients.edit', 'clients.erase')) open @endif><summary>More</summary>
                    <ul>
                        <li><a href="{{ route('clients.edit', $head) }}" @if(request()->routeIs('clients.edit')) aria-current="page" @endif>Details</a></li>
                        <li><a href="{{ route('clients.pictures', $head) }}" @if(request()->routeIs('clients.pictures')) aria-current="page" @endif>Pictures</a></li>
                        <li><a href="{{ route('clients.products', $head) }}" @if(request()->routeIs('clients.products')) aria-current="page" @endif>Products for this hair</a></li>
                        <li><a href="{{ route('clients.style', $head) }}" @if(request()->routeIs('clients.style')) aria-current="page" @endif>Style</a></li>
                        <li><a href="{{ route('clients.trials', $head) }}" @if(request()->routeIs('clients.trials')) aria-current="page" @endif>Trials</a></li>
                        <li><a href="{{ route('clients.erase', $head) }}" @if(request()->routeIs('clients.erase')) aria-current="page" @endif>Take away or delete</a></li>
                    </ul></details></li>
            </ul>
        @endif
        <ul class="rail-end">
            <li><button type="button" class="rail-button" data-open="keys">Shortcuts <kbd>?</kbd></button></li>
            <li>
                <form method="post" action="{{ route('sign-out') }}" data-sign-out><x-act/><button class="rail-button">Sign out</button></form>
            </li>
        </ul>
    </nav>
@endunless
<main id="main" @class(['page' => ! $bare, 'page-bare' => $bare])>
    @if (session('said'))
        <div class="said" role="status">
            <span>{{ session('said') }}</span>
            @if (session('undo'))
                <form method="post" action="{{ session('undo') }}"><x-act/> @method('delete')<button class="button is-small">Undo</button></form>
            @endif
        </div>
    @endif
    @if (isset($errors) && $errors->any())
        <div class="wrong" role="alert" tabindex="-1" data-errors>
            <strong>Nothing was saved yet.</strong>
            {{ $errors->count() === 1 ? 'One thing needs another look:' : $errors->count() . ' things need another look:' }}
            <ul>@foreach (array_slice($errors->messages(), 0, 8) as $field => $sentences)<li><a href="#f-{{ $field }}">{{ $sentences[0] }}</a></li>@endforeach</ul>
        </div>
    @endif
    {{ $slot }}
</main>
{{ $offline ?? '' }}
@empty($offline)<x-offline/>@endempty
@unless ($bare)
    <dialog id="keys" class="keys" aria-labelledby="keys-title">
        <h2 id="keys-title">Shortcuts</h2>
        <dl>
            <dt><kbd>t</kbd></dt><dd>Today</dd>
            <dt><kbd>h</kbd></dt><dd>Clients</dd>
            <dt><kbd>/</kbd></dt><dd>Search clients</dd>
            <dt><kbd>p</kbd></dt><dd>Products</dd>
            <dt><kbd>n</kbd></dt><dd>New client, on Clients</dd>
            <dt><kbd>o</kbd></dt><dd>Salon</dd>
            <dt><kbd>r</kbd> <kbd>b</kbd> <kbd>a</kbd> <kbd>w</kbd> <kbd>s</kbd> <kbd>c</kbd> <kbd>d</kbd> <kbd>l</kbd></dt><dd>Now, Hair tests, Wash, Wash days, Plan, Home routine, Trends, How we got here of the open head</dd>
            <dt><kbd>f</kbd> <kbd>m</kbd></dt><dd>On the plan: what if; what the plan must keep to</dd>
            <dt><kbd>←</kbd> <kbd>→</kbd></dt><dd>On the balance: a day back, a day on; with <kbd>Shift</kbd> a week</dd>
            <dt><kbd>?</kbd></dt><dd>This sheet; <kbd>Esc</kbd> closes it</dd>
        </dl>
        <form method="dialog"><button class="button">Close</button></form>
    </dialog>
@endunless
</body>
</html>
