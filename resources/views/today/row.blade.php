{{-- One client of the day: when, who, what is needed, one thing to press; the reasons one tap deeper. --}}
@php($booking = $row->booking)
@php($name = $called($booking->head->name))
<li @class(['is-closed' => ! $booking->status->isOpen()])>
    <span class="when">{{ $row->starts }}</span>
    <x-portrait :head="$booking->head" class="is-small"/>
    <div class="day-who">
        <p><a class="day-name" href="{{ route('clients.now', $booking->head_id) }}">{{ $name }}</a>
            <a class="day-booking" href="{{ route('bookings.show', $booking) }}">{{ __('today.with', ['service' => $booking->service, 'who' => explode(' ', $booking->user->name)[0]]) }}<span class="sr-only">, {{ $name }}</span></a>
            @if ($booking->status->isOpen() && $row->look)<span class="tag-look">{{ __('today.test-first') }}</span>@endif
            @unless (in_array($booking->status->value, ['booked', 'under-way'], true))<span class="reason">{{ __("nagomi.booking_statuses.{$booking->status->value}") }}</span>@endunless
            @if ($booking->over_minutes > 0)<span class="reason">{{ __('today.more-minutes', ['minutes' => $booking->over_minutes]) }}</span>@endif</p>
        @if ($booking->status->isOpen())
            @if ($row->needs !== '' || $row->because !== '')<p class="needs">{{ $row->needs !== '' ? $row->needs : $row->because }}</p>@endif
            @reaches('clients.plan') @if ($row->scalp !== '')<p class="reason is-scalp">{{ $row->scalp }}</p>@endif @endreaches
            @if ($booking->asks_minutes)<p class="is-broken">{{ __('booking.asks-short', ['asks' => $booking->asks_minutes, 'minutes' => $booking->minutes]) }}</p>@endif
            @if ($row->comesAt)<p class="reason">{{ __('booking.row.comes', ['time' => $row->comesAt]) }}</p>@endif
            @if ($row->isSetAside())<p class="reason">{{ __('booking.row.aside') }}</p>
            @elseif ($row->noPlace)<p class="is-broken">{{ __('booking.row.' . ($row->lacks ?? 'no-place')) }}</p>
            @elseif ($row->late > 0)<p class="is-broken">{{ __('booking.row.' . ($row->comesAt ? 'late-said' : ($row->cameLate ? 'late-own' : 'late')), ['time' => $row->begins, 'late' => $row->lateInWords()]) }}</p>
            @elseif ($row->isSilent())<p class="reason">{{ __('booking.row.silent') }}</p>@endif
            @if ($row->waitsUntil)<p class="is-broken">{{ __('booking.row.waits', ['time' => $row->waitsUntil]) }}</p>@endif
            <details class="day-why"><summary>{{ __('today.why') }}<span class="sr-only">: {{ $name }}</span></summary>
                @if ($row->needs !== '' && $row->because !== '')<p class="reason">{{ $row->because }}</p>@endif
                @if ($row->due !== '')<p class="reason"><strong>{{ $row->due }}</strong></p>@endif
                @if ($row->parts !== '')<p class="reason">{{ $row->parts }}</p>@endif
                @if ($row->through && ! $row->isSilent())<p class="reason">{{ __($row->surely ? 'booking.row.surely' : 'booking.row.through', ['time' => $row->through, 'surely' => $row->surely]) }}</p>@endif
            </details>
        @endif
    </div>
    <div class="day-acts">
        @php($next = ['booked' => 'here', 'arrived' => 'begin', 'under-way' => 'through'][$booking->status->value] ?? null)
        @if ($next && $isToday)
            <form method="post" action="{{ route('bookings.note', $booking) }}"><x-act/><input type="hidden" name="sequence" value="{{ $booking->sequence }}">
                @if ($booking->status->value === 'under-way')<button class="button" name="what" value="over">{{ __('today.acts.over') }}<span class="sr-only"> {{ $name }}</span></button>@endif
                <button class="button" name="what" value="{{ $next }}">{{ __("today.acts.{$next}") }}<span class="sr-only"> {{ $name }}</span></button></form>
        @endif
    </div>
</li>
