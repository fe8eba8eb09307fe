<section class="chair-work" aria-labelledby="chair-work">
    <h2 id="chair-work">{{ __('chair-work.title') }}</h2>
    <ul class="items">
        @foreach ($work as $one)
            <li>
                <strong class="when">{{ $one['when'] }}</strong>
                <div>
                    <p><strong>{{ $one['what'] }}</strong></p>
                    <p @class(['reason', 'is-broken' => $one['late']])>{{ $one['because'] }}</p>
                    @if ($one['booked'])<p class="reason">{{ $one['booked'] }}</p>@elseif ($one['book'])<p><a class="button is-small" href="{{ $one['book'] }}">{{ __('chair-work.book') }}<span class="is-sr-only">: {{ $one['what'] }}</span></a></p>@else<p class="reason"><a href="{{ route('salon.hours') }}">{{ __('chair-work.no-service') }}</a></p>@endif
                </div>
                <span class="minutes">{{ $one['minutes'] }}</span>
            </li>
        @endforeach
    </ul>
</section>
