{{-- The others of a household, and when those who are chosen can come together. --}}
<section class="household" id="household">
    <h2>{{ __('booking.household.title') }}</h2>
    <form method="get" action="{{ route('bookings.create') }}#household" class="objects" novalidate>
        @foreach (['head' => $head->id, 'service' => $service->id, 'date' => $date->format('Y-m-d'), 'with' => $wish->user, 'part' => $wish->part, 'drying' => $dryings?->isChosen ? $dryings->chosen->value : null] as $name => $value)@if ($value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endif @endforeach
        @foreach ($household->others as $key => $name)<label class="checkbox choice-line"><input type="checkbox" name="also[]" value="{{ $key }}" @checked(in_array($key, $household->chosen, true))> <span>{{ $name }}</span></label>@endforeach
        <button class="button">{{ __('booking.household.see') }}</button>
    </form>
    @error('slot')<p class="help is-danger" role="alert">{{ $message }}</p>@enderror
    @error('also')<p class="help is-danger" role="alert">{{ $message }}</p>@enderror
    @if ($household->chosen !== [])
        <ul class="recent">@foreach ($household->quotes as $i => $one)<li>{{ __('booking.household.takes', ['name' => $household->names[$i], 'minutes' => $one->minutes]) }} @money($one->price->cents)</li>@endforeach</ul>
        <p class="reason">{{ __('booking.household.how') }}</p>
        @if ($household->days === [])<p class="empty">{{ __('booking.household.none', ['day' => $dated($date, 'D j M')]) }}</p>@endif
        <form method="post" action="{{ route('bookings.together') }}" class="openings" novalidate>
            <x-act/>
            <input type="hidden" name="head" value="{{ $head->id }}"><input type="hidden" name="service" value="{{ $service->id }}">@if ($dryings?->isChosen)<input type="hidden" name="drying" value="{{ $dryings->chosen->value }}">@endif
            @foreach ($household->chosen as $key)<input type="hidden" name="also[]" value="{{ $key }}">@endforeach
            @foreach ($household->days as $day)
                <div class="opening-day"><h3>{{ $dated($day->date, 'D j M') }}</h3>
                    @foreach ($day->byPart as $part => $groups)
                        <p><span class="opening-who">{{ __("booking.offers.parts.{$part}") }}</span>
                            @foreach ($groups as $group)<button class="button is-group" name="slot" value="{{ $group->slot }}">@foreach ($group->times as $i => $time)<span>{{ __('booking.household.with', ['name' => $household->names[$i], 'time' => $time->words(), 'who' => explode(' ', $stylists[$time->user]->name)[0]]) }}</span>@endforeach <small>{{ __('booking.household.until', ['until' => $group->through()]) }}</small></button>@endforeach</p>
                    @endforeach
                </div>
            @endforeach
        </form>
    @endif
</section>
