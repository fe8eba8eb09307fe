<x-layout :title="__('series.title')" :head="$booking->head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/today.css') }}"></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ __('series.title') }}</h1>
        <p class="lead">{{ $called($booking->head->name) }}: {{ __('series.lead', ['service' => $booking->service, 'day' => $dated($booking->date, 'D j M Y'), 'time' => $time, 'who' => explode(' ', $booking->user->name)[0]]) }}</p></div>
        <a class="button" href="{{ route('bookings.show', $booking) }}">{{ __('series.back') }}</a></header>
    <form method="get" action="{{ route('bookings.series', $booking) }}" class="asks" novalidate>
        <x-field name="weeks" :label="__('series.weeks')" mode="numeric" :value="$weeks"/>
        <x-field name="times" :label="__('series.times')" mode="numeric" :value="$times"/>
        <button class="button">{{ __('series.see') }}</button>
    </form>
    @error('time')<p class="help is-danger" role="alert">{{ $message }}</p>@enderror
    @error('slots')<p class="help is-danger" role="alert">{{ $message }}</p>@enderror
    @if ($days === [])<p class="worth">{{ __('series.no-service') }}</p>
    @else
        <form method="post" action="{{ route('bookings.series.store', $booking) }}" novalidate>
            <x-act/>
            <ul class="series">
                @foreach ($days as $i => $day)
                    <li>@if ($day->time === null)<span>{{ $dated($day->wished, 'D j M Y') }}</span> <span class="reason">{{ $day->note }}</span>
                        @else<label class="checkbox" for="slot-{{ $i }}"><input type="checkbox" id="slot-{{ $i }}" name="slots[]" value="{{ $day->time->slot }}" @checked(old('slots') === null || in_array($day->time->slot, (array) old('slots'), true))> <span>{{ __('series.with', ['day' => $dated($day->date, 'D j M Y'), 'time' => $day->time->words(), 'who' => $day->who]) }} @if ($day->note !== '')<span class="reason">{{ $day->note }}</span>@endif</span></label>@endif</li>
                @endforeach
            </ul>
            <button class="button is-strong">{{ __('series.book') }}</button>
        </form>
    @endif
</x-layout>
