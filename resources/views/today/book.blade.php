<x-layout :title="__('booking.book.title')">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/today.css') }}"></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ __('booking.book.title') }}</h1><p class="lead">{{ __('booking.book.lead') }}</p></div></header>
    <form method="get" action="{{ route('bookings.create') }}" class="asks is-tight" novalidate>
        <x-choice name="head" :label="__('booking.book.client')" :options="$heads" :value="$head?->id" :empty="__('booking.book.choose')"/>
        <x-choice name="service" :label="__('booking.book.for')" :options="$services->pluck('name', 'id')->all()" :value="$service?->id"/>
        <x-field name="date" :label="__('booking.book.from')" type="date" :value="$date->format('Y-m-d')"/>
        <x-choice name="with" :label="__('booking.offers.with')" :options="$stylists->pluck('name', 'id')->all()" :value="$wish->user" :empty="__('booking.offers.anyone')"/>
        <x-choice name="part" :label="__('booking.offers.when')" :options="collect($wish::PARTS)->reject(fn ($part) => $part === 'night' && $salon->day_turns_minute === 0)->mapWithKeys(fn ($part) => [$part => __('booking.offers.parts.' . $part)])->all()" :value="$wish->part" :empty="__('booking.offers.any-time')"/>
        @if ($dryings?->isChosen)<input type="hidden" name="drying" value="{{ $dryings->chosen->value }}">@endif
        <button class="button">{{ __('booking.book.see') }}</button>
    </form>
    @if ($head === null)
        <details class="more-tests" @if ($errors->hasAny(['name', 'phone'])) open @endif>
            <summary>{{ __('booking.caller.title') }}</summary>
            <form method="post" action="{{ route('bookings.caller') }}" class="asks" novalidate>
                <x-act/>
                <input type="hidden" name="service" value="{{ $service?->id }}"><input type="hidden" name="date" value="{{ $date->format('Y-m-d') }}">
                <x-field name="name" :label="__('booking.caller.name')"/>
                <x-field name="phone" :label="__('booking.caller.phone')" mode="tel"/>
                <x-tick name="written_to" :label="__('booking.caller.written-to')"/>
                <x-choice name="language" :label="__('messages.language.label')" :options="$languages" :empty="__('messages.language.salon')"/>
                <button class="button is-strong">{{ __('booking.caller.take') }}</button>
            </form>
        </details>
    @endif
    @error('head')<p class="help is-danger">{{ $message }}</p>@enderror
    @if ($services->isEmpty())<p class="worth">{{ __('booking.book.nothing') }} <a href="{{ route('salon.hours') }}">{{ __('booking.book.hours') }}</a></p>@endif
    @if ($missed !== '')<p class="worth">{{ $missed }}</p>@endif
    @if ($quote !== null)
        <section class="hands-cards" aria-label="{{ __('booking.book.quote.title') }}">
            <div class="hands-card"><h2>{{ __('booking.book.quote.takes') }}</h2><p class="hands-at">{{ __('booking.book.quote.minutes', ['minutes' => $quote->minutes]) }}</p><p class="reason">{{ $quote->atMost === null ? __('booking.book.quote.no-most') : __('booking.book.quote.at-most', ['most' => $quote->atMost]) }}</p></div>
            @if ($parts !== '')<div class="hands-card"><h2>{{ __('booking.book.quote.hands') }}</h2><p class="hands-parts">{{ ucfirst($parts) }}</p><p class="reason">{{ ucfirst($quote->because) }}.</p></div>@endif
            <div class="hands-card"><h2>{{ __('booking.book.quote.price') }}</h2><p class="hands-at">@money($quote->price->cents)</p><p class="reason">{{ ucfirst($priceWhy) }}.</p></div>
        </section>
        @if ($parts === '')<p class="reason">{{ ucfirst($quote->because) }}.</p>@endif
        @if ($dryings !== null)
            <div class="dryings" id="dryings"><h2>{{ __('booking.drying.title') }}</h2>
                @php($longest = max(array_map(fn ($way) => $way->minutes, $dryings->quotes)))
                <p class="objects">@foreach ($dryings->quotes as $way)<a @class(['button', 'is-chosen' => $way->drying === $dryings->chosen]) @if ($way->drying === $dryings->chosen) aria-current="true" @endif href="{{ route('bookings.create', ['head' => $head->id, 'service' => $service->id, 'date' => $date->format('Y-m-d'), 'with' => $wish->user, 'part' => $wish->part, 'drying' => $way->drying->value]) }}">{{ __("booking.drying.ways.{$way->drying->value}") }}<small>{{ __('booking.drying.minutes', ['minutes' => $way->minutes, 'free' => $way->freeMinutes]) }}</small><x-hands-share :minutes="$way->minutes" :free="$way->freeMinutes" :longest="$longest"/></a>@endforeach</p>
                @unless ($dryings->isBroken)<p class="reason">{{ $dryings->says }}</p>@endunless
            </div>
        @endif
        @if ($steps !== [])
            <details class="more-tests"><summary>{{ __('bottles.for-the-day') }}</summary>
                <ul class="recent">@foreach ($steps as $step)<li>{{ $step['says'] }} <span @class(['reason', 'is-broken' => $step['missing']])>{{ $step['with'] }}</span></li>@endforeach</ul>
            </details>
        @endif
        @includeWhen($household !== null, 'today.household')
        @if (($household->chosen ?? []) === [])
        <form method="post" action="{{ route('bookings.store') }}" class="openings" novalidate>
            <x-act/>
            <input type="hidden" name="head" value="{{ $head->id }}"><input type="hidden" name="service" value="{{ $service->id }}">@if ($dryings?->isChosen)<input type="hidden" name="drying" value="{{ $dryings->chosen->value }}">@endif
            <h2>{{ __('booking.offers.title') }}</h2>
            @if ($days === [])<p class="empty">{{ $dryings?->isBroken ? $dryings->says : __($wish->isOneDay ? 'booking.offers.none-on' : 'booking.offers.none', ['day' => $dated($date, 'D j M')]) }}</p>@endif
            @foreach ($days as $day)
                <div class="opening-day"><h3>{{ $dated($day->date, 'D j M') }}@if ($day->isPlanned) <span class="tag-look">{{ __('booking.offers.planned') }}</span>@endif</h3>
                    @foreach ($wish->isOneDay ? $day->byStylist() : $day->best() as $row)
                        <p><span class="opening-who">{{ __("booking.offers.parts.{$row->part}") }}@if ($wish->isOneDay), {{ explode(' ', $stylists[$row->times[0]->user]->name)[0] }}@endif</span>
                            @foreach ($row->times as $time)<button class="button slot" name="slot" value="{{ $time->slot }}" @if ($time->held > 0) title="{{ __('booking.offers.held', ['minutes' => $time->held]) }}" @endif>{{ $time->words() }}@if ($wish->isOneDay)<span class="sr-only"> {{ explode(' ', $stylists[$time->user]->name)[0] }}</span>@else {{ explode(' ', $stylists[$time->user]->name)[0] }}@endif</button>@endforeach</p>
                    @endforeach
                    <p class="reason opening-more"><a href="{{ route('today', array_filter(['date' => $day->date->format('Y-m-d'), 'head' => $head->id, 'service' => $service->id, 'drying' => $dryings?->isChosen ? $dryings->chosen->value : null])) }}">{{ __('booking.places.show-link') }}</a>
                    @if (! $wish->isOneDay && $day->hasMore()) <a href="{{ route('bookings.create', ['head' => $head->id, 'service' => $service->id, 'date' => $day->date->format('Y-m-d'), 'with' => $wish->user, 'part' => $wish->part, 'all' => 1, 'drying' => $dryings?->isChosen ? $dryings->chosen->value : null]) }}">{{ __('booking.offers.all', ['count' => count($day->times), 'day' => $dated($day->date, 'D j M')]) }}</a>@endif</p>
                </div>
            @endforeach
        </form>
        <details class="more-tests" @if ($errors->hasAny(['from', 'until'])) open @endif>
            <summary>{{ __('booking.wait.none-suits') }}</summary>
            <form method="post" action="{{ route('waits.store') }}" class="asks" novalidate>
                <x-act/>
                <input type="hidden" name="head" value="{{ $head->id }}"><input type="hidden" name="service" value="{{ $service->id }}">
                <input type="hidden" name="with" value="{{ $wish->user }}"><input type="hidden" name="part" value="{{ $wish->part }}">@if ($dryings?->isChosen)<input type="hidden" name="drying" value="{{ $dryings->chosen->value }}">@endif
                <x-field name="from" :label="__('booking.wait.from-label')" type="date" :value="$date->format('Y-m-d')"/>
                <x-field name="until" :label="__('booking.wait.until-label')" type="date" :value="$date->addDays(14)->format('Y-m-d')"/>
                <button class="button">{{ __('booking.wait.put') }}</button>
            </form>
        </details>
        <details class="more-tests" @if ($errors->hasAny(['time', 'date', 'stylist'])) open @endif>
            <summary>{{ __('booking.another-time') }}</summary>
            <form method="post" action="{{ route('bookings.store') }}" class="asks" novalidate>
                <x-act/>
                <input type="hidden" name="head" value="{{ $head->id }}"><input type="hidden" name="service" value="{{ $service->id }}">@if ($dryings?->isChosen)<input type="hidden" name="drying" value="{{ $dryings->chosen->value }}">@endif
                <div class="field"><label class="label" for="f-day">{{ __('booking.one.day') }}</label><input class="input" type="date" id="f-day" name="date" value="{{ old('date', $date->format('Y-m-d')) }}">@error('date')<p class="help is-danger">{{ $message }}</p>@enderror</div>
                <x-field name="time" :label="__('booking.one.begins')" :value="null"/>
                <x-choice name="stylist" :label="__('booking.one.hands')" :options="$stylists->pluck('name', 'id')->all()" :value="auth()->id()"/>
                <button class="button is-strong">{{ __('booking.book.do') }}</button>
            </form>
        </details>
        @endif
    @endif
</x-layout>
