@props(['title', 'head' => null, 'bare' => false])
<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    @auth<meta name="stylist" content="{{ auth()->id() }}">@endauth
    <title>{{ $title }} · Nagomi</title>
    <link rel="icon" href="/assets/mark.svg" type="image/svg+xml">
    <link rel="stylesheet" href="/assets/bulma.min.css">
    <link rel="stylesheet" href="/css/app.css">
    <script type="module" src="/js/app.js"></script>
    {{ $scripts ?? '' }}
</head>
<body>
<a class="skip" href="#main">Skip to the page</a>
@unless ($bare)
    <nav class="rail" aria-label="Nagomi">
        <a class="rail-name" href="{{ route('today') }}">Nagomi</a>
        <ul>
            <li><a href="{{ route('today') }}" data-key="t" @if(request()->routeIs('today', 'bookings.create')) aria-current="page" @endif>Today <kbd>t</kbd></a></li>
            <li><a href="{{ route('heads.index') }}" data-key="h" @if(request()->routeIs('heads.index')) aria-current="page" @endif>Heads <kbd>h</kbd></a></li>
            <li><a href="{{ route('shelf') }}" data-key="p" @if(request()->routeIs('shelf', 'shelf.*')) aria-current="page" @endif>Shelf <kbd>p</kbd></a></li>
            @if ($head)
                <li class="rail-of">{{ $head->name }}</li>
                <li><a href="{{ route('heads.show', $head) }}" data-key="r" @if(request()->routeIs('heads.show')) aria-current="page" @endif>River <kbd>r</kbd></a></li>
                <li><a href="{{ route('heads.bench', $head) }}" data-key="b" @if(request()->routeIs('heads.bench', 'heads.bench.zones', 'heads.visits', 'heads.visits.*')) aria-current="page" @endif>Bench <kbd>b</kbd></a></li>
                <li><a href="{{ route('heads.basin', $head) }}" data-key="a" @if(request()->routeIs('heads.basin', 'heads.basin.*')) aria-current="page" @endif>Basin <kbd>a</kbd></a></li>
                <li><a href="{{ route('heads.wash-day', $head) }}" data-key="w" @if(request()->routeIs('heads.wash-day')) aria-current="page" @endif>Wash day <kbd>w</kbd></a></li>
                <li><a href="{{ route('heads.season', $head) }}" data-key="s" @if(request()->routeIs('heads.season')) aria-current="page" @endif>Season <kbd>s</kbd></a></li>
                <li><a href="{{ route('heads.home', $head) }}" data-key="c" @if(request()->routeIs('heads.home')) aria-current="page" @endif>Home card <kbd>c</kbd></a></li>
                <li><a href="{{ route('heads.trends', $head) }}" data-key="d" @if(request()->routeIs('heads.trends')) aria-current="page" @endif>Trends <kbd>d</kbd></a></li>
                <li><a href="{{ route('heads.ledger', $head) }}" data-key="l" @if(request()->routeIs('heads.ledger')) aria-current="page" @endif>Ledger <kbd>l</kbd></a></li>
                <li><details class="rail-more" @if(request()->routeIs('heads.pictures', 'heads.shelf', 'heads.style', 'heads.trials', 'heads.edit', 'heads.farewell')) open @endif><summary>More</summary>
                    <ul>
                        <li><a href="{{ route('heads.edit', $head) }}" @if(request()->routeIs('heads.edit')) aria-current="page" @endif>Intake</a></li>
                        <li><a href="{{ route('heads.pictures', $head) }}" @if(request()->routeIs('heads.pictures')) aria-current="page" @endif>Pictures</a></li>
                        <li><a href="{{ route('heads.shelf', $head) }}" @if(request()->routeIs('heads.shelf')) aria-current="page" @endif>Shelf for her</a></li>
                        <li><a href="{{ route('heads.style', $head) }}" @if(request()->routeIs('heads.style')) aria-current="page" @endif>Style</a></li>
                        <li><a href="{{ route('heads.trials', $head) }}" @if(request()->routeIs('heads.trials')) aria-current="page" @endif>Trials</a></li>
                        <li><a href="{{ route('heads.farewell', $head) }}" @if(request()->routeIs('heads.farewell')) aria-current="page" @endif>Take away, delete</a></li>
                    </ul></details></li>
            @endif
        </ul>
        <ul class="rail-end">
            <li><a href="{{ route('house.edit') }}" data-key="o" @if(request()->routeIs('house.edit')) aria-current="page" @endif>House <kbd>o</kbd></a></li>
            <li><button type="button" class="rail-button" data-open="keys">Keys <kbd>?</kbd></button></li>
            <li>
                <form method="post" action="{{ route('sign-out') }}"><x-act/><button class="rail-button">Sign out</button></form>
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
@unless ($bare)
    <dialog id="keys" class="keys" aria-labelledby="keys-title">
        <h2 id="keys-title">Keys</h2>
        <dl>
            <dt><kbd>t</kbd></dt><dd>Today: the morning desk</dd>
            <dt><kbd>h</kbd></dt><dd>Heads</dd>
            <dt><kbd>/</kbd></dt><dd>Search heads</dd>
            <dt><kbd>p</kbd></dt><dd>Shelf: the products</dd>
            <dt><kbd>n</kbd></dt><dd>New client, on Heads</dd>
            <dt><kbd>o</kbd></dt><dd>House methods</dd>
            <dt><kbd>r</kbd> <kbd>b</kbd> <kbd>a</kbd> <kbd>w</kbd> <kbd>s</kbd> <kbd>c</kbd> <kbd>d</kbd> <kbd>l</kbd></dt><dd>River, Bench, Basin, Wash day, Season, Home card, Trends, Ledger of the open head</dd>
            <dt><kbd>f</kbd> <kbd>m</kbd></dt><dd>On the season: what if; what the plan must keep to</dd>
            <dt><kbd>←</kbd> <kbd>→</kbd></dt><dd>On the river: a day back, a day on; with <kbd>Shift</kbd> a week</dd>
            <dt><kbd>?</kbd></dt><dd>This sheet; <kbd>Esc</kbd> closes it</dd>
        </dl>
        <form method="dialog"><button class="button">Close</button></form>
    </dialog>
@endunless
</body>
</html>
