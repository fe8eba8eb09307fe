{{-- The days of a home routine: on paper, in the salon and on the phone. --}}
@foreach ($eves as $eve)<p class="worth">{{ $eve }}</p>@endforeach
@if ($days === [] && $eves === [])<p>Nothing is planned at home before then.</p>@endif
@foreach ($days as $i => $day)
    <section class="card-day" data-uid="{{ $day['uid'] }}">
        <h3>{{ $day['date']->format('l j F') }}, about {{ $day['minutes'] }} minutes</h3>
        <p class="reason">{{ $day['because'] }}</p>
        <ul class="card-steps">
            @foreach ($day['steps'] as $j => $step)
                <li>@if ($ticks)<label class="checkbox"><input type="checkbox" data-step="{{ $j }}"><span>{{ $step['says'] }}@if ($step['with']) <span class="reason">{{ $step['with'] }}</span>@endif</span></label>
                    @else<span class="tick-box" aria-hidden="true"></span> {{ $step['says'] }}@if ($step['with'])<span class="reason"> · {{ $step['with'] }}</span>@endif @endif</li>
            @endforeach
        </ul>
        @if ($ticks)<p class="card-done"><label><span data-on-label>on</span> <input class="input" type="date" value="{{ $today->format('Y-m-d') }}" max="{{ $today->format('Y-m-d') }}" data-on></label><button type="button" class="button is-strong" data-wash>I did this</button></p>@endif
    </section>
@endforeach
