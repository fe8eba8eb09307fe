{{-- The salon's own pages, as far as whoever is signed in may open them. --}}
<nav class="salon-places" aria-label="{{ __('layout.rail.salon') }}">
@foreach (['salon.edit' => 'layout.rail.salon', 'salon.hours' => 'layout.find.places.hours', 'salon.messages' => 'layout.find.places.messages', 'salon.people' => 'people.title', 'salon.consent' => 'consent.title', 'salon.data' => 'layout.find.places.data', 'salon.connections' => 'connections.title', 'salon.trail' => 'trail.title', 'reports.team' => 'layout.find.places.team', 'salon.learned' => 'layout.find.places.learned'] as $place => $words)
    @reaches($place) @unless (request()->routeIs($place))<a class="button" href="{{ route($place) }}">{{ __($words) }}</a>@endunless @endreaches
@endforeach
</nav>
