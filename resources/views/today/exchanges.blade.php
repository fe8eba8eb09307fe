{{-- Other hands, where that keeps a promise: one tap once the client agrees. --}}
<section class="asked-after" aria-labelledby="exchanges">
    <h2 id="exchanges">{{ __('booking.exchange.title') }}</h2>
    @foreach ($exchanges as $one)
        @php($words = $one->words + ['name' => explode(' ', $called($one->booking->head->name))[0]])
        <div class="asked-one">
            <p>{{ __("booking.{$one->why}", $words) }}@if ($one->helped !== []) {{ trans_choice('booking.exchange.sooner', count($one->helped), ['names' => collect($one->helped)->map(fn ($booking) => explode(' ', $called($booking->head->name))[0])->join(', ', ' and ')]) }}@endif</p>
            <div class="day-acts">
                @if ($one->booking->status->value === 'under-way')
                    <form method="post" action="{{ route('bookings.note', $one->booking) }}"><x-act/><input type="hidden" name="sequence" value="{{ $one->booking->sequence }}"><input type="hidden" name="stylist" value="{{ $one->user }}"><button class="button is-strong" name="what" value="take-over">{{ __('booking.exchange.takes-over', $words) }}</button></form>
                @else
                    <form method="post" action="{{ route('bookings.update', $one->booking) }}"><x-act/> @method('put')<input type="hidden" name="sequence" value="{{ $one->booking->sequence }}"><button class="button is-strong" name="slot" value="{{ $date->format('Y-m-d') }} {{ $one->time }} {{ $one->user }}">{{ __('booking.exchange.agrees', $words) }}</button></form>
                    <form method="post" action="{{ route('bookings.note', $one->booking) }}"><x-act/><input type="hidden" name="sequence" value="{{ $one->booking->sequence }}"><button class="button" name="what" value="stay">{{ __('booking.exchange.stays', $words) }}</button></form>
                @endif
            </div>
        </div>
    @endforeach
</section>
