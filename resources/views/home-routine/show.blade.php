<x-layout :title="__('home-routine.title')" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/home-routine.css') }}"></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>{{ __('home-routine.title') }}</h1><p class="lead">{{ __($next ? 'home-routine.salon.until' : 'home-routine.salon.open', ['name' => explode(' ', $called($head->name))[0], 'when' => $next['when'] ?? '']) }} {{ __('home-routine.salon.language', ['language' => $language]) }}</p></div>
        <a class="button" href="{{ route('clients.home-routine.pdf', $head) }}" download>{{ __('home-routine.salon.pdf') }}</a></header>
    <div class="two">
        <section class="home-card card">
            <h2>{{ __('home-routine.at-home') }}</h2>
            @include('home-routine.client.days', ['ticks' => false, 'how' => false])
            @if ($style)<h2>{{ __('home-routine.style.of-name') }}</h2><p>{{ __('home-routine.style.day', ['style' => ucfirst(__("nagomi.stylings.{$style->styling}")), 'day' => $styleDay]) }} {{ __('home-routine.style.keep') }}</p>@endif
            @if ($due !== [])<h2>{{ __('chair-work.home.title') }}</h2><ul class="card-list">@foreach ($due as $one)<li>{{ $one }}</li>@endforeach</ul>@endif
            @include('home-routine.client.watch')
        </section>
        <div class="no-print">
            <section class="card">
            <h2>{{ __('home-routine.salon.link') }}</h2>
            <p class="how">{{ __('home-routine.salon.link-why') }}</p>
            @foreach ($links as $link)
                <div class="set-day"><div class="grow"><p>{{ __($link->opened_at ? 'home-routine.salon.opened' : 'home-routine.salon.unopened', ['day' => $dated($link->expires_at->setTimezone($salon->timezone), 'j M Y')]) }}</p>
                    <x-handed-link :address="url($link->path())" :label="__('home-routine.salon.link-label')" :scan="$link->id === ($scanned['id'] ?? '') ? null : route('clients.home-routine', [$head, 'scan' => $link->id]) . '#scan'"/>
                    @if ($link->id === ($scanned['id'] ?? ''))<figure class="scan" id="scan"><div class="scan-picture" role="img" aria-label="{{ __('home-routine.salon.scan-picture') }}">{!! $scanned['svg'] !!}</div><figcaption>{{ __('home-routine.salon.scan') }}</figcaption></figure>@endif</div>
                    <form method="post" action="{{ route('clients.home-routine.withdraw', [$head, $link]) }}"><x-act/> @method('delete')<button class="button">{{ __('home-routine.salon.withdraw') }}</button></form></div>
            @endforeach
            <form method="post" action="{{ route('clients.home-routine.link', $head) }}" class="asks" novalidate><x-act/>
                <x-field name="days" :label="__('home-routine.salon.for')" :unit="__('home-routine.salon.days')" mode="numeric" value="60"/><button class="button is-strong">{{ __('home-routine.salon.make') }}</button></form>
            </section>
            <section class="card">
            <h2>{{ __('home-routine.salon.updates') }}</h2>
            @if ($came->isEmpty())<p class="reason">{{ __('home-routine.salon.none') }}</p>@endif
            <ul class="recent">@foreach ($came as $act)<li><strong>{{ $dated($act->date, 'j M') }}</strong> {{ $act->refused === null ? $act->says : __('home-routine.salon.refused', ['why' => $act->refused]) }}</li>@endforeach</ul>
            </section>
            <section class="card">
            <h2>{{ __('home-routine.salon.calendar') }}</h2>
            @if ($feed)<x-handed-link :address="url($feed->path())" :label="__('home-routine.salon.calendar')"/><p class="reason">{{ __('salon.messages.ends', ['day' => $dated($feed->expires_at->setTimezone($head->salon->timezone)), 'days' => $feed::UNFETCHED_DAYS]) }}</p>@else<p class="how">{{ __('home-routine.salon.calendar-why') }}</p>@endif
            <div class="objects"><form method="post" action="{{ route('clients.home-routine.calendar', $head) }}"><x-act/><button class="button">{{ __($feed ? 'home-routine.salon.new-calendar' : 'home-routine.salon.make-calendar') }}</button></form>
                @if ($feed)<form method="post" action="{{ route('clients.home-routine.calendar.drop', $head) }}"><x-act/> @method('delete')<button class="button">{{ __('home-routine.salon.withdraw') }}</button></form>@endif</div>
            </section>
        </div>
    </div>
</x-layout>
