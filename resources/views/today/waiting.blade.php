{{-- Who waits for a time on this day, with what is free for them. --}}
<h2>{{ __('booking.wait.title') }}</h2>
<ul class="recent waiting">
    @foreach ($waiting as $one)
        <li><a href="{{ route('clients.now', $one->wait->head_id) }}"><strong>{{ $called($one->wait->head->name) }}</strong></a>
            <span class="reason">{{ $one->wait->service->name }}@if ($one->wait->part !== ''), {{ mb_strtolower(__("booking.offers.parts.{$one->wait->part}")) }}@endif · @if ($one->isLater){{ __('booking.wait.from', ['day' => $dated($one->wait->from, 'D j M')]) }} @endif{{ __('booking.wait.until', ['day' => $dated($one->wait->until, 'D j M')]) }} <x-phone :number="$one->phone"/></span>
            <div class="day-acts">
                @if ($one->times === [] && ! $one->isLater)<span class="reason">{{ __('booking.wait.nothing') }}</span>
                @else<form method="post" action="{{ route('bookings.store') }}"><x-act/><input type="hidden" name="head" value="{{ $one->wait->head_id }}"><input type="hidden" name="service" value="{{ $one->wait->service_id }}">@if ($one->wait->drying)<input type="hidden" name="drying" value="{{ $one->wait->drying }}">@endif
                    @foreach ($one->times as $time)<button class="button" name="slot" value="{{ $time->slot }}">{{ $time->words() }} {{ $stylistNames[$time->user] ?? '' }}<span class="sr-only"> {{ $called($one->wait->head->name) }}</span></button>@endforeach</form>@endif
                <form method="post" action="{{ route('waits.destroy', $one->wait) }}"><x-act/> @method('delete')<button class="button is-small">{{ __('booking.wait.off') }}<span class="sr-only"> {{ $called($one->wait->head->name) }}</span></button></form>
            </div></li>
    @endforeach
</ul>
