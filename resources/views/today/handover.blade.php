@php($name = explode(' ', $from->name)[0])
<x-layout :title="__('booking.handover.title', ['name' => $name])">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/today.css') }}"></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ __('booking.handover.title', ['name' => $name]) }}</h1><p class="lead">{{ $dated($date, 'l j F Y') }}. {{ __('booking.handover.lead') }}</p></div>
        <a class="button" href="{{ route('today', ['date' => $date->format('Y-m-d')]) }}">{{ __('booking.day-end.the-day') }}</a></header>
    @error('time')<p class="help is-danger" role="alert">{{ $message }}</p>@enderror
    @error('slots')<p class="help is-danger" role="alert">{{ $message }}</p>@enderror
    @if ($rows === [])<p class="empty">{{ __('booking.handover.none', ['name' => $name]) }}</p>
    @else
        <form method="post" action="{{ route('today.handover.store') }}" novalidate>
            <x-act/>
            <ul class="series">
                @foreach ($rows as $row)
                    @php($slot = $row->time === null ? '' : "{$row->booking->id} {$row->booking->sequence} {$row->time->time} {$row->time->user}")
                    <li>@if ($row->time === null)<span><span class="when">{{ $row->starts }}</span> <a href="{{ route('bookings.show', $row->booking) }}"><strong>{{ $called($row->booking->head->name) }}</strong></a> <strong class="is-broken">{{ __('booking.handover.no-place') }}</strong> <x-phone :number="$row->booking->head->phone"/></span>
                        @else<label class="checkbox"><input type="checkbox" name="slots[]" value="{{ $slot }}" @checked(old('slots') === null ? $row->isKept : in_array($slot, (array) old('slots'), true))> <span><span class="when">{{ $row->starts }}</span> <strong>{{ $called($row->booking->head->name) }}</strong> <span class="reason">{{ $row->booking->service }}</span><br>{{ __('booking.handover.to', ['time' => $row->time->words(), 'who' => $row->who]) }} @if ($row->later !== 0)<span class="reason">{{ trans_choice('booking.handover.' . ($row->later > 0 ? 'later' : 'earlier'), abs($row->later)) }}</span>@endif</span></label> @unless ($row->isKept)<x-phone :number="$row->booking->head->phone"/>@endunless @endif</li>
                @endforeach
            </ul>
            @if (array_filter($rows, fn ($row) => $row->time !== null) !== [])<button class="button is-strong">{{ __('booking.handover.do') }}</button>@endif
        </form>
    @endif
    @if ($picture !== null)<x-hands :picture="$picture"/><x-picture-help of="hands"/>@endif
</x-layout>
