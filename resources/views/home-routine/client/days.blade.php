{{-- The days of a home routine, the next one first: on paper, in the salon and on the phone. --}}
@foreach ($eves as $eve)<p class="worth">{{ $eve }}</p>@endforeach
@if ($days === [] && $eves === [])<p>{{ __('home-routine.nothing') }}</p>@endif
@foreach ($days as $i => $day)
    @if ($ticks && $i === 1)<h2>{{ __('home-routine.later') }}</h2>@endif
    @if ($ticks && $i > 0)<details class="home-later"><summary>{{ $day['title'] }}</summary>@endif
    <section @class(['card-day', 'card' => $ticks]) data-uid="{{ $day['uid'] }}">
        @if (! $ticks || $i === 0)<h3>{{ $day['title'] }}</h3>@endif
        <p class="home-because">{{ $day['because'] }}</p>
        <ul class="card-steps">
            @foreach ($day['steps'] as $j => $step)
                <li>
                    @if ($ticks)
                        <label class="checkbox"><input type="checkbox" data-step="{{ $j }}"><span><b>{{ $step['what'] }}</b>@if ($step['with']) <span class="reason">{{ $step['with'] }}</span>@endif</span></label>
                        @if ($step['minutes'] > 0 || $step['how'] !== '')
                            <div class="home-step">
                                @if ($step['minutes'] > 0)<button type="button" class="button" data-timer="{{ $step['minutes'] }}" data-what="{{ $step['what'] }}" aria-label="{{ __('home-routine.timer.start-of', ['what' => $step['what']]) }}">{{ __('home-routine.timer.start') }}</button>@endif
                                @if ($step['how'] !== '')<details><summary>{{ __('home-routine.how') }}</summary><p>{{ $step['how'] }}</p></details>@endif
                            </div>
                        @endif
                    @else<span class="tick-box" aria-hidden="true"></span> <b>{{ $step['what'] }}</b>@if ($step['with'])<span class="reason"> · {{ $step['with'] }}</span>@endif @if (($how ?? true) && $step["how"] !== "")<br><span class="reason">{{ $step['how'] }}</span>@endif @endif
                </li>
            @endforeach
        </ul>
        @if ($ticks)
            <p><strong>{{ __('home-routine.call-short') }}</strong></p>
            <p class="card-done"><button type="button" class="button is-strong is-large" data-wash>{{ __('home-routine.done') }}</button> <button type="button" class="button is-large" data-not-today>{{ __('home-routine.not-today') }}</button>
                <label><span data-on-label>{{ __('home-routine.done-on') }}</span> <input class="input" type="date" value="{{ $today->format('Y-m-d') }}" max="{{ $today->format('Y-m-d') }}" data-on></label></p>
        @endif
    </section>
    @if ($ticks && $i > 0)</details>@endif
@endforeach
