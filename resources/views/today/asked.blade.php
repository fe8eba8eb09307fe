{{-- Who was to be here and is not: asked once, above everything; what has gone by folded. --}}
@php([$gone, $expected] = collect($asked)->partition(fn ($one) => $one->isOver))
<section class="asked-after" aria-labelledby="asked">
    <h2 id="asked" class="sr-only">{{ __('booking.asked.title') }}</h2>
    @foreach ($expected as $one)
        <div class="asked-one">
            <p><a href="{{ route('clients.now', $one->booking->head_id) }}"><strong>{{ $called($one->booking->head->name) }}</strong></a>
                {{ __($one->isSetAside ? 'booking.asked.aside' : 'booking.asked.silent', ['time' => $one->due, 'who' => $one->who]) }}
                <x-phone :number="$one->phone"/></p>
            <form method="post" action="{{ route('bookings.note', $one->booking) }}" class="day-acts"><x-act/><input type="hidden" name="sequence" value="{{ $one->booking->sequence }}">
                <button class="button" name="what" value="here">{{ __('booking.asked.here') }}<span class="sr-only"> {{ $called($one->booking->head->name) }}</span></button>
                <a class="button" href="{{ route('bookings.show', $one->booking) }}#how-it-goes">{{ __('booking.asked.later') }}<span class="sr-only"> {{ $called($one->booking->head->name) }}</span></a>
                <button class="button" name="what" value="no-show">{{ __('booking.asked.no-show') }}<span class="sr-only"> {{ $called($one->booking->head->name) }}</span></button>
            </form>
            @if ($one->offers !== [])
                <form method="post" action="{{ route('bookings.update', $one->booking) }}" class="asked-offers"><x-act/> @method('put')<input type="hidden" name="sequence" value="{{ $one->booking->sequence }}">
                    <span>{{ __('booking.asked.offers') }}</span>
                    @foreach ($one->offers as $offer)<button class="button" name="slot" value="{{ $date->format('Y-m-d') }} {{ $offer['time'] }} {{ $offer['user'] }}">{{ __('booking.asked.with', $offer) }}<span class="sr-only"> {{ $called($one->booking->head->name) }}</span></button>@endforeach
                </form>
            @endif
        </div>
    @endforeach
    @if ($gone->isNotEmpty())
        <div class="asked-one"><p>{{ trans_choice('booking.asked.over', count($gone)) }}</p><a class="button" href="{{ route('today.end', ['date' => $date->format('Y-m-d')]) }}">{{ __('booking.asked.say') }}</a></div>
    @endif
</section>
