@php($open = count(array_filter($rows, fn ($row) => $row->booking->status->isOpen())))
<x-layout :title="$isToday ? 'Today' : $date->format('D j M')">
    <x-slot:scripts><script type="module" src="{{ asset('js/screens/today.js') }}"></script></x-slot:scripts>
    <header class="page-head">
        <div class="grow">
            <h1>{{ $isToday ? 'Today' : $date->format('l') }}</h1>
            <p class="lead">{{ $date->format('l j F Y') }} · {{ count($rows) === 0 ? 'nobody is booked' : ($open === 0 ? 'everybody is through' : $open . ($open === 1 ? ' head' : ' heads') . ' to come') }}</p>
        </div>
        <a class="button" href="{{ route('today', ['date' => $date->subDay()->format('Y-m-d')]) }}" aria-label="The day before">‹</a>
        @unless ($isToday)<a class="button" href="{{ route('today') }}">Today</a>@endunless
        <a class="button" href="{{ route('today', ['date' => $date->addDay()->format('Y-m-d')]) }}" aria-label="The day after">›</a>
        <form method="post" action="{{ route('today.names') }}"><x-act/> @method('put')<button class="button" aria-pressed="{{ $hides ? 'true' : 'false' }}" title="{{ __('names.' . ($hides ? 'show-how' : 'hide-how')) }}">{{ __('names.' . ($hides ? 'show' : 'hide')) }}</button>
            @if ($hides)<button class="button" name="where" value="{{ $isDesk ? 'away' : 'desk' }}" aria-pressed="{{ $isDesk ? 'true' : 'false' }}" title="{{ __('names.desk-how') }}">{{ __('names.' . ($isDesk ? 'no-desk' : 'desk')) }}</button>@endif</form>
        <a class="button is-strong" href="{{ route('bookings.create', ['date' => $date->format('Y-m-d')]) }}">Book a client</a>
    </header>
    <div data-day @if ($isSearchedOn) data-thoroughly="{{ route('today', ['date' => $date->format('Y-m-d'), 'thoroughly' => 1]) }}" @endif>
    @includeWhen($asked !== [], 'today.asked')
    @foreach ($handovers as $key => $name)<div class="asked-one is-handover"><p>{{ __('booking.handover.away', ['name' => $name]) }}</p><a class="button is-strong" href="{{ route('today.handover', ['of' => $key, 'date' => $date->format('Y-m-d')]) }}">{{ __('booking.handover.link') }}</a></div>@endforeach
    @includeWhen($exchanges !== [], 'today.exchanges')
    @error('time')<p class="help is-danger" role="alert">{{ $message }}</p>@enderror
    @if ($picture !== null)
        <x-hands :picture="$picture" :places="$isOver ? null : route('today.places', ['date' => $date->format('Y-m-d')])"/>
        @includeUnless($isOver, 'today.placing')
        @if ($outside !== [] || $order !== '')
            <div class="order-notes">@foreach ($outside as $says)<p class="reason">{{ $says }}</p>@endforeach
                @if ($order !== '')<p class="reason" role="status">{{ $order }}</p>@endif</div>
        @endif
    @else
        <p class="worth">Nobody works on this day. <a href="{{ route('salon.hours') }}">Hours and leave</a> say who is there when.</p>
    @endif
    @if ($stale > 0)<p class="worth" role="status">{{ $stale }} {{ $stale === 1 ? 'head was' : 'heads were' }} last worked out before today; that is being done now. Look again in a minute, or open one to have it at once.</p>@endif
    <div class="two">
        <section aria-labelledby="comes">
            <h2 id="comes">Who comes, and what each needs</h2>
            @if ($rows === [])<p class="empty">Nobody yet. Book a client, or see at the side who would be glad to hear from you.</p>@endif
            <ul class="items day">
                @foreach ($rows as $row)
                    @php($booking = $row->booking)
                    <li @class(['is-closed' => ! $booking->status->isOpen()])>
                        <span class="when">{{ $row->starts }}</span>
                        <span>
                            <a href="{{ route('clients.now', $booking->head_id) }}"><strong>{{ $called($booking->head->name) }}</strong></a>
                            <span class="reason">{{ $booking->service }} · {{ explode(' ', $booking->user->name)[0] }} · {{ __("nagomi.booking_statuses.{$booking->status->value}") }}@if ($booking->over_minutes > 0), {{ $booking->over_minutes }} min over @endif</span>
                            @if ($row->needs !== '')<span class="needs">{{ $row->needs }}</span>@endif
                            @if ($row->parts !== '')<span class="reason">{{ $row->parts }}</span>@endif
                            @if ($booking->status->isOpen())
                                <span class="reason">{{ $row->because }}</span>
                                @if ($row->due !== '')<strong class="reason">{{ $row->due }}</strong>@endif
                                @if ($row->scalp !== '')<span class="reason is-scalp">{{ $row->scalp }}</span>@endif
                                @if ($booking->asks_minutes)<strong class="is-broken">{{ __('booking.asks-short', ['asks' => $booking->asks_minutes, 'minutes' => $booking->minutes]) }}</strong>@endif
                                @if ($row->comesAt)<span class="reason">{{ __('booking.row.comes', ['time' => $row->comesAt]) }}</span>@endif
                                @if ($row->isSetAside())<span class="reason">{{ __('booking.row.aside') }}</span>
                                @elseif ($row->noPlace)<strong class="is-broken">{{ __('booking.row.' . ($row->lacks ?? 'no-place')) }}</strong>
                                @elseif ($row->late > 0)<strong class="is-broken">{{ __('booking.row.' . ($row->comesAt ? 'late-said' : ($row->cameLate ? 'late-own' : 'late')), ['time' => $row->begins, 'minutes' => $row->late]) }}</strong>
                                @elseif ($row->isSilent())<span class="reason">{{ __('booking.row.silent') }}</span>@endif
                                @if ($row->waitsUntil)<strong class="is-broken">{{ __('booking.row.waits', ['time' => $row->waitsUntil]) }}</strong>@endif
                                @if ($row->through && ! $row->isSilent())<span class="reason">{{ __($row->surely ? 'booking.row.surely' : 'booking.row.through', ['time' => $row->through, 'surely' => $row->surely]) }}</span>@endif
                                @if ($row->look)<span class="tag-look">look first</span>@endif
                            @endif
                        </span>
                        <span class="day-acts">
                            @php($next = ['booked' => ['here', 'Here'], 'arrived' => ['begin', 'Begin'], 'under-way' => ['through', 'Through']][$booking->status->value] ?? null)
                            @if ($next && $isToday)
                                <form method="post" action="{{ route('bookings.note', $booking) }}"><x-act/><input type="hidden" name="sequence" value="{{ $booking->sequence }}"><button class="button" name="what" value="{{ $next[0] }}">{{ $next[1] }}<span class="sr-only"> {{ $called($booking->head->name) }}</span></button>
                                    @if ($booking->status->value === 'under-way')<button class="button" name="what" value="over">+10 min</button>@endif</form>
                            @endif
                            <a class="button" href="{{ route('bookings.show', $booking) }}">More<span class="sr-only"> about {{ $called($booking->head->name) }}</span></a>
                        </span>
                    </li>
                @endforeach
            </ul>
            @if ($rows !== [] && $isEnding)<p><a class="button" href="{{ route('today.end', ['date' => $date->format('Y-m-d')]) }}">{{ __('booking.day-end.link') }}</a></p>@endif
        </section>
        <section>
            @if ($calls !== [])
                <h2>To call</h2>
                <ul class="recent">@foreach ($calls as $call)<li><a href="{{ route('clients.now', $call['head']) }}"><strong>{{ $called($call['head']->name) }}</strong></a> <span class="reason">{{ $call['why'] }}</span> <x-phone :number="$call['head']->phone"/></li>@endforeach</ul>
            @endif
            @includeWhen($waiting !== [], 'today.waiting')
            @if ($short !== [])
                <h2>Too little on the shelf for this day</h2>
                <ul class="recent">@foreach ($short as $need)<li><a href="{{ route('products') }}"><strong>{{ __("nagomi.kinds.{$need['kind']}") }}</strong></a> <span class="reason">{{ number_format($need['ml']) }} mL needed, {{ number_format($need['left']) }} mL left</span></li>@endforeach</ul>
            @endif
            <h2>Drifting, and not booked</h2>
            @if ($drifting === [])<p class="reason">Nobody leaves the comfort band within the week without being booked.</p>@endif
            <ul class="recent">
                @foreach ($drifting as $drift)
                    <li><a href="{{ route('clients.now', $drift['outlook']->head_id) }}"><strong>{{ $called($drift['outlook']->head->name) }}</strong></a>
                        <span class="reason">{{ $drift['days'] === 0 ? 'outside the comfort band already' : 'leaves the comfort band in ' . $drift['days'] . ($drift['days'] === 1 ? ' day' : ' days') }}. <a href="{{ route('bookings.create', ['head' => $drift['outlook']->head_id]) }}">Book</a>@if ($picture !== null && ! $isOver), <a href="{{ route('today', ['date' => $date->format('Y-m-d'), 'head' => $drift['outlook']->head_id]) }}" data-places-of="head={{ $drift['outlook']->head_id }}">{{ __('booking.places.on-picture') }}</a>@endif</span></li>
                @endforeach
            </ul>
        </section>
    </div>
    </div>
</x-layout>
