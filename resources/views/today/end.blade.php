<x-layout :title="__('booking.day-end.title')">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/today.css') }}"></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ $isToday ? __('booking.day-end.title') : __('booking.day-end.day-of', ['day' => $dated($date, 'l j F')]) }}</h1><p class="lead">{{ __('booking.day-end.lead') }}</p></div>
        <a class="button" href="{{ route('today.end', ['date' => $date->subDay()->format('Y-m-d')]) }}" aria-label="{{ __('today.before') }}">‹</a>
        @unless ($isToday)<a class="button" href="{{ route('today.end', ['date' => $date->addDay()->format('Y-m-d')]) }}" aria-label="{{ __('today.after') }}">›</a>@endunless
        <a class="button" href="{{ route('today', ['date' => $date->format('Y-m-d')]) }}">{{ __('booking.day-end.the-day') }}</a></header>
    @include('today.left-open')
    @error('what')<p class="help is-danger" role="alert">{{ $message }}</p>@enderror
    @foreach ($unsaid as $day => $rows)
        <section class="day-end">
            <h2>{{ $day === $date->format('Y-m-d') ? __('booking.day-end.unsaid') : __('booking.day-end.unsaid-of', ['day' => $dated($rows[0]->booking->date, 'l j F')]) }}</h2>
            @if ($loop->first)<p class="reason">{{ __('booking.day-end.times-help') }}</p>@endif
            <ul>
                @foreach ($rows as $row)
                    @php([$booking, $isTyped] = [$row->booking, old('booking') === $row->booking->id])
                    <li>
                        <p><span class="when">{{ $row->starts }}</span> <a href="{{ route('bookings.show', $booking) }}"><strong>{{ $called($booking->head->name) }}</strong></a> <span class="reason">{{ $booking->service }}, {{ __('booking.day-end.booked', ['minutes' => $booking->minutes, 'who' => explode(' ', $booking->user->name)[0]]) }}@if ($booking->status->value !== 'booked') · {{ __("nagomi.booking_statuses.{$booking->status->value}") }}@endif</span></p>
                        @if ($row->wash !== null) @reaches('clients.wash.run')<div class="asked-one"><p>{{ __('booking.day-end.wash') }}</p><a class="button" href="{{ $row->wash }}">{{ __('booking.day-end.wash-link') }}<span class="sr-only"> {{ $called($booking->head->name) }}</span></a></div>@endreaches @endif
                        <form method="post" action="{{ route('bookings.end', $booking) }}" novalidate>
                            <x-act/><input type="hidden" name="sequence" value="{{ $booking->sequence }}"><input type="hidden" name="booking" value="{{ $booking->id }}">
                            @foreach (['began' => $row->began, 'ended' => null] as $name => $time)
                                <label class="label" for="{{ $name }}-{{ $booking->id }}">{{ __("booking.day-end.{$name}") }}</label>
                                <input class="input" id="{{ $name }}-{{ $booking->id }}" name="{{ $name }}" value="{{ $isTyped ? old($name) : $time }}" autocomplete="off" @if ($isTyped && $errors->has($name)) aria-invalid="true" aria-describedby="e-{{ $name }}" @endif>
                            @endforeach
                            <button class="button is-strong" name="what" value="through">{{ __('booking.day-end.through') }}<span class="sr-only"> {{ $called($booking->head->name) }}</span></button>
                            <button class="button" name="what" value="no-show">{{ __('booking.day-end.no-show') }}<span class="sr-only"> {{ $called($booking->head->name) }}</span></button>
                            @if ($isTyped)@foreach (['began', 'ended'] as $name)@error($name)<p class="help is-danger" id="e-{{ $name }}">{{ $message }}</p>@enderror @endforeach @endif
                        </form>
                    </li>
                @endforeach
            </ul>
        </section>
    @endforeach
    @if ($unsaid === [] && $said !== [])<p class="verdict-words" role="status">{{ __('booking.day-end.all-said') }}</p>@endif
    @if ($toCome !== [])
        <section>
            <h2>{{ __('booking.day-end.still') }}</h2>
            <ul class="recent">@foreach ($toCome as $row)<li><span class="when">{{ $row->starts }}</span> <a href="{{ route('bookings.show', $row->booking) }}"><strong>{{ $called($row->booking->head->name) }}</strong></a> <span class="reason">{{ $row->booking->service }} · {{ __("nagomi.booking_statuses.{$row->booking->status->value}") }}</span></li>@endforeach</ul>
        </section>
    @endif
    @if ($said === [] && $toCome === [] && $unsaid === [])<p class="empty">{{ __('booking.day-end.none') }}</p>@endif
    @if ($said !== [])
        <section>
            <h2>{{ __('booking.day-end.said') }}</h2>
            <dl class="sums">
                <div class="is-sum"><dt>{{ __('booking.day-end.sums.due') }}</dt><dd class="num">@money($sums->dueCents)</dd></div>
                @foreach (['tax' => $sums->taxCents, 'paid' => $sums->paidCents, 'left' => $sums->paidCents > 0 ? $sums->leftCents : 0, 'kept' => $sums->keptCents] as $of => $cents)
                    @if ($cents !== 0)<div><dt>{{ __("booking.day-end.sums.{$of}") }}</dt><dd class="num">@money($cents)</dd></div>@endif
                @endforeach
            </dl>
            <p class="reason">{{ collect(['done' => $sums->done, 'missed' => $sums->missed, 'cancelled' => $sums->cancelled])->filter(fn ($many, $of) => $many > 0 || $of === 'done')->map(fn ($many, $of) => trans_choice("booking.day-end.many.{$of}", $many))->implode(', ') }}</p>
            <x-wide :label="__('booking.day-end.said')"><table class="table compare">
                <thead><tr>@foreach (['time', 'client', 'stylist', 'status', 'took'] as $of)<th scope="col">{{ __("booking.day-end.head.{$of}") }}</th>@endforeach @foreach ($sums->paidCents > 0 ? ['due', 'left'] : ['due'] as $of)<th scope="col" class="num">{{ __("booking.day-end.head.{$of}") }}</th>@endforeach</tr></thead>
                <tbody>
                    @foreach ($said as $row)
                        @php([$booking, $isDone] = [$row->booking, $row->booking->status->value === 'done'])
                        <tr><td>{{ $row->starts }}</td><td><a href="{{ route('bookings.show', $booking) }}">{{ $called($booking->head->name) }}</a></td><td>{{ explode(' ', $booking->user->name)[0] }}</td>
                            <td>{{ __("nagomi.booking_statuses.{$booking->status->value}") }}@if ($row->asksDeposit) <a class="is-broken" href="{{ route('bookings.show', $booking) }}#price">{{ __('booking.day-end.deposit') }}</a>@endif</td>
                            <td>@if ($isDone){{ $row->tookMinutes === null ? __('booking.day-end.took-unknown', ['minutes' => $booking->minutes]) : __('booking.day-end.took', ['took' => $row->tookMinutes, 'minutes' => $booking->minutes]) }} <a href="{{ route('bookings.show', $booking) }}#times">{{ __('booking.day-end.correct') }}<span class="sr-only"> {{ $called($booking->head->name) }}</span></a>@endif</td>
                            <td class="num">@if ($isDone)@money($row->bill->dueCents)@endif</td>@if ($sums->paidCents > 0)<td class="num">@if ($isDone)@money($row->bill->leftCents)@endif</td>@endif</tr>
                    @endforeach
                </tbody>
            </table></x-wide>
        </section>
    @endif
</x-layout>
