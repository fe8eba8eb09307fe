<x-layout :title="$called($booking->head->name)" :head="$booking->head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/today.css') }}"></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ $called($booking->head->name) }}</h1>
        <p class="lead">{{ __('booking.one.lead', ['service' => $booking->service, 'day' => $dated($date, 'l j F'), 'time' => $when, 'minutes' => $booking->minutes]) }}{{ $parts === '' ? '' : " ({$parts})" }}, @money($price->bill->dueCents) · {{ $booking->user->name }} · {{ __("nagomi.booking_statuses.{$booking->status->value}") }}{{ $begun ? __('booking.one.begun', ['time' => $begun]) : '' }}{{ $ended ? __('booking.one.done', ['time' => $ended]) : '' }} <x-phone :number="$booking->head->phone"/></p>
        @if ($booking->because)<p class="reason">{{ __('booking.one.cancelled', ['why' => $booking->because]) }}</p>@endif</div>
        <a class="button" href="{{ route('today', ['date' => $date->format('Y-m-d')]) }}">{{ __('booking.day-end.the-day') }}</a>
    </header>
    @if (count($series) > 1)<p class="reason">{{ __('series.one-of', ['count' => count($series)]) }} @foreach ($series as $key => $day)@if ($key === $booking->id)<strong>{{ $day }}</strong>@else<a href="{{ route('bookings.show', $key) }}">{{ $day }}</a>@endif{{ $loop->last ? '' : ', ' }}@endforeach</p>@endif
    @if ($missed !== '')<p class="worth">{{ $missed }}</p>@endif
    @if ($booking->status->isOpen())
        @if ($booking->asks_minutes)
            <form method="post" action="{{ route('bookings.note', $booking) }}" class="worth">
                <x-act/><input type="hidden" name="sequence" value="{{ $booking->sequence }}">
                <p>{{ __('booking.asks', ['asks' => $booking->asks_minutes, 'minutes' => $booking->minutes]) }}</p>
                <p class="more"><button class="button is-strong" name="what" value="keep">{{ __('booking.keep', ['minutes' => $booking->minutes]) }}</button><a class="button" href="#another-time">{{ __('booking.another-time') }}</a></p>
            </form>
        @elseif ($booking->kept_minutes)
            <form method="post" action="{{ route('bookings.note', $booking) }}" class="worth">
                <x-act/><input type="hidden" name="sequence" value="{{ $booking->sequence }}">
                <p>{{ __('booking.kept', ['minutes' => $booking->kept_minutes]) }}</p>
                <p class="more"><button class="button" name="what" value="as-planned">{{ __('booking.as-planned') }}</button></p>
            </form>
        @endif
        @if ($says !== [] || $comesLater)
            <section class="how-it-goes" id="how-it-goes">
                <h2>{{ __('booking.how') }}</h2>
                @if ($says !== [])<form method="post" action="{{ route('bookings.note', $booking) }}" class="objects">
                    <x-act/><input type="hidden" name="sequence" value="{{ $booking->sequence }}">
                    @foreach ($says as $what)<button class="button" name="what" value="{{ $what }}">{{ __("booking.says.{$what}") }}</button>@endforeach
                </form>@endif
                @if ($comesLater)
                    <form method="post" action="{{ route('bookings.note', $booking) }}" class="asks" novalidate>
                        <x-act/><input type="hidden" name="sequence" value="{{ $booking->sequence }}"><input type="hidden" name="what" value="later">
                        <x-field name="expected" :label="__('booking.comes-later')" :value="$booking->expected_at?->setTimezone($booking->salon->timezone)->format('G:i')"/>
                        <button class="button">{{ __('booking.round-it') }}</button>
                    </form>
                @endif
            </section>
        @endif
        @include('today.price')
        @if ($steps !== [])
            <section>
                <h2>{{ __('bottles.for-the-day') }}</h2>
                <ul class="recent">@foreach ($steps as $step)<li>{{ $step['says'] }} <span @class(['reason', 'is-broken' => $step['missing']])>{{ $step['with'] }}</span></li>@endforeach</ul>
            </section>
        @endif
        <section id="another-time">
            <h2>{{ __('booking.another-time') }}</h2>
            <form method="post" action="{{ route('bookings.update', $booking) }}" class="asks" novalidate>
                <x-act/> @method('put')<input type="hidden" name="sequence" value="{{ $booking->sequence }}">
                <x-field name="date" :label="__('booking.one.day')" type="date" :value="$date->format('Y-m-d')"/>
                <x-field name="time" :label="__('booking.one.begins')" :value="$time" :help="$turns === '' ? null : __('hours.night', ['turns' => $turns])"/>
                <x-choice name="stylist" :label="__('booking.one.hands')" :options="$stylists" :value="$booking->user_id"/>
                @if ($dryings !== [])<x-choice name="drying" :label="__('booking.drying.title')" :options="collect($dryings)->mapWithKeys(fn ($way) => [$way->value => __('booking.drying.ways.' . $way->value)])->all()" :value="$booking->drying" :empty="__('booking.drying.as-always')"/>@endif
                <button class="button is-strong">{{ __('booking.one.move') }}</button>
            </form>
            @if ($isOnPicture)<p><a class="button" href="{{ route('today', ['date' => $date->format('Y-m-d'), 'booking' => $booking->id]) }}">{{ __('booking.places.move-link') }}</a></p>@endif
            @if ($exchanges !== [])
                <form method="post" action="{{ route('bookings.exchange', $booking) }}" class="asks" novalidate>
                    <x-act/><input type="hidden" name="sequence" value="{{ $booking->sequence }}">
                    <x-choice name="with" :label="__('booking.exchanged.label')" :options="$exchanges" :empty="__('booking.exchanged.empty')"/>
                    <button class="button">{{ __('booking.exchanged.do') }}</button>
                    @error('other')<p class="help is-danger">{{ $message }}</p>@enderror
                </form>
            @endif
        </section>
        <p class="again"><a class="button" href="{{ route('bookings.series', $booking) }}">{{ __('series.title') }}</a></p>
        <section>
            <h2>{{ __('booking.one.cancel') }}</h2>
            <form method="post" action="{{ route('bookings.note', $booking) }}" class="asks" novalidate>
                <x-act/><input type="hidden" name="sequence" value="{{ $booking->sequence }}"><input type="hidden" name="what" value="cancel">
                <x-field name="because" :label="__('booking.one.why')"/>
                @if ($following > 0)<x-tick name="following" :label="trans_choice('series.following', $following)"/>@endif
                <button class="button">{{ __('booking.one.cancel-it') }}</button>
            </form>
        </section>
    @else
        @if ($booking->status->value === 'done')
            <section id="times">
                <h2>{{ __('booking.times.title') }}</h2>
                @unless ($begun && $ended)<p class="worth">{{ __('booking.times.unknown') }}</p>@endunless
                <form method="post" action="{{ route('bookings.times', $booking) }}" class="asks" novalidate>
                    <x-act/> @method('put')<input type="hidden" name="sequence" value="{{ $booking->sequence }}">
                    <x-field name="began" :label="__('booking.times.began')" :value="$begun ?? $time"/>
                    <x-field name="ended" :label="__('booking.times.ended')" :value="$ended"/>
                    <button class="button is-strong">{{ __('booking.times.keep') }}</button>
                </form>
            </section>
        @endif
        @include('today.price')
        <form method="post" action="{{ route('bookings.note', $booking) }}"><x-act/><input type="hidden" name="sequence" value="{{ $booking->sequence }}"><button class="button" name="what" value="again">{{ __('booking.one.again') }}</button></form>
    @endif
</x-layout>
