<x-layout :title="$isToday ? __('today.title') : $dated($date, 'D j M')">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/today.css') }}"><script type="module" src="{{ asset('js/screens/today.js') }}"></script></x-slot:scripts>
    <header class="page-head" data-first-run>
        <div class="grow">
            <h1>{{ ucfirst($dated($date, $date->year === $salon->today()->year ? 'l j F' : 'l j F Y')) }}</h1>
            <p class="lead">{{ ucfirst(trans_choice('today.clients', $rows->count())) }}@if ($rows->count() > 0), {{ $rows->toCome === [] && $rows->underWay === [] ? __('today.all-done') : __('today.to-come', ['count' => count($rows->toCome)]) }}@endif</p>
        </div>
        <a class="button is-strong" href="{{ route('bookings.create', ['date' => $date->format('Y-m-d')]) }}">{{ __('today.book') }}</a>
        <div class="day-nav">
        <a class="button" href="{{ route('today', ['date' => $date->subDay()->format('Y-m-d')]) }}" aria-label="{{ __('today.before') }}">‹</a>
        @unless ($isToday)<a class="button" href="{{ route('today') }}">{{ __('today.title') }}</a>@endunless
        <a class="button" href="{{ route('today', ['date' => $date->addDay()->format('Y-m-d')]) }}" aria-label="{{ __('today.after') }}">›</a>
        <form method="post" action="{{ route('today.names') }}"><x-act/> @method('put')<button class="button" aria-pressed="{{ $hides ? 'true' : 'false' }}" title="{{ __('names.' . ($hides ? 'show-how' : 'hide-how')) }}">{{ __('names.' . ($hides ? 'show' : 'hide')) }}</button>
            @if ($hides)<button class="button" name="where" value="{{ $isDesk ? 'away' : 'desk' }}" aria-pressed="{{ $isDesk ? 'true' : 'false' }}" title="{{ __('names.desk-how') }}">{{ __('names.' . ($isDesk ? 'no-desk' : 'desk')) }}</button>@endif</form>
        </div>
    </header>
    <div data-day @if ($isSearchedOn) data-thoroughly="{{ route('today', ['date' => $date->format('Y-m-d'), 'thoroughly' => 1]) }}" @endif>
    @include('today.left-open')
    @includeWhen($asked !== [], 'today.asked')
    @foreach ($handovers as $key => $name)<div class="asked-one is-handover"><p>{{ __('booking.handover.away', ['name' => $name]) }}</p><a class="button is-strong" href="{{ route('today.handover', ['of' => $key, 'date' => $date->format('Y-m-d')]) }}">{{ __('booking.handover.link') }}</a></div>@endforeach
    @includeWhen($exchanges !== [], 'today.exchanges')
    @error('time')<p class="help is-danger" role="alert">{{ $message }}</p>@enderror
    @if ($cards !== [])
        <section class="hands-cards" aria-label="{{ __('today.cards.title') }}">
            @foreach ($cards as $card)
                <div @class(['hands-card', 'is-busy' => $card->isBusy])><h2>{{ $card->name }}</h2><p class="hands-at">{{ $card->at }}</p><p class="reason">{{ $card->detail }}</p><p class="hands-until">{{ $card->until }}</p></div>
            @endforeach
        </section>
    @endif
    @if ($picture !== null)
        <x-hands :picture="$picture" :places="$isOver ? null : route('today.places', ['date' => $date->format('Y-m-d')])"/>
        @includeUnless($isOver, 'today.placing')
        <x-picture-help of="hands"/>
        @if ($outside !== [] || $order !== '')
            <div class="order-notes">@foreach ($outside as $says)<p class="reason">{{ $says }}</p>@endforeach
                @if ($order !== '')<p class="reason" role="status">{{ $order }}</p>@endif</div>
        @endif
    @else
        <p class="worth">{{ __('today.nobody-works') }} <a href="{{ route('salon.hours') }}">{{ __('today.hours-link') }}</a></p>
    @endif
    @if ($stale > 0)<p class="worth" role="status">{{ trans_choice('today.stale', $stale) }}</p>@endif
    @if ($isBeginning)<x-first-steps/>@elseif ($rows->count() === 0)<p class="empty">{{ __('today.empty') }}</p>@endif
    @foreach (['under-way' => $rows->underWay, 'still-to-come' => $rows->toCome] as $part => $of)
        @if ($of !== [])
            <section aria-labelledby="part-{{ $part }}"><h2 id="part-{{ $part }}">{{ __("today.{$part}") }}</h2>
                <ul class="items day">@foreach ($of as $row)@include('today.row')@endforeach</ul></section>
        @endif
    @endforeach
    @if ($rows->over !== [])
        <details class="day-over"><summary>{{ __('today.over-title', ['what' => collect($rows->kinds)->map(fn ($count, $kind) => trans_choice("today.over-kinds.{$kind}", $count))->join(', ')]) }}</summary>
            <ul class="items day">@foreach ($rows->over as $row)@include('today.row')@endforeach</ul></details>
    @endif
    @if ($rows->count() > 0 && $isEnding)<p class="day-end-link"><a class="button" href="{{ route('today.end', ['date' => $date->format('Y-m-d')]) }}">{{ __('today.end') }}</a></p>@endif
    @if ($forgetting !== '') @reaches('salon.data')<div class="asked-one"><p>{{ $forgetting }}</p><a class="button" href="{{ route('salon.data') }}">{{ __('forgetting.look') }}</a></div>@endreaches @endif
    <div class="day-cards">
        @unless ($isBeginning)<section class="day-card" aria-labelledby="due"><h2 id="due">{{ __('today.due') }}</h2>
            @if ($drifting === [])<p class="reason">{{ __('today.due-none') }}</p>@endif
            <ul>@foreach ($drifting as $drift)<li><a href="{{ route('clients.now', $drift['outlook']->head_id) }}"><strong>{{ $called($drift['outlook']->head->name) }}</strong></a>
                <span class="reason">{{ $drift['days'] === 0 ? __('today.due-now') : trans_choice('today.due-in', $drift['days']) }}</span>
                <span><a class="act-link" href="{{ route('bookings.create', ['head' => $drift['outlook']->head_id]) }}">{{ __('today.book-link') }}<span class="sr-only"> {{ $called($drift['outlook']->head->name) }}</span></a>@if ($picture !== null && ! $isOver) <a class="act-link" href="{{ route('today', ['date' => $date->format('Y-m-d'), 'head' => $drift['outlook']->head_id]) }}" data-places-of="head={{ $drift['outlook']->head_id }}">{{ __('booking.places.on-picture') }}<span class="sr-only">: {{ $called($drift['outlook']->head->name) }}</span></a>@endif</span></li>@endforeach</ul>
        </section>@endunless
        @if ($short !== [])
            <section class="day-card" aria-labelledby="short"><h2 id="short">{{ __('today.short') }}</h2>
                <ul>@foreach ($short as $need)<li><a href="{{ route('products') }}"><strong>{{ __("nagomi.kinds.{$need['kind']}") }}</strong></a> <span class="reason">{{ $need['left'] === null ? __('today.short-none', ['needed' => number_format($need['ml'])]) : __('today.short-of', ['needed' => number_format($need['ml']), 'left' => number_format($need['left'])]) }}</span></li>@endforeach</ul></section>
        @endif
        @if ($calls !== [])
            <section class="day-card" aria-labelledby="calls"><h2 id="calls">{{ __('today.call') }}</h2>
                <ul>@foreach ($calls as $call)<li><a href="{{ route('clients.now', $call['head']) }}"><strong>{{ $called($call['head']->name) }}</strong></a> <span class="reason">{{ $call['why'] }}</span> <x-phone :number="$call['head']->phone"/></li>@endforeach</ul></section>
        @endif
        @if ($waiting !== [])<section class="day-card">@include('today.waiting')</section>@endif
    </div>
    </div>
</x-layout>
