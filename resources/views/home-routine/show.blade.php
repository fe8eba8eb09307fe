<x-layout title="Home routine" :head="$head">
    <header class="page-head"><div class="grow"><h1>Home routine</h1><p class="lead">What {{ explode(' ', $called($head->name))[0] }} does at home{{ $next ? ' until ' . $next['when'] : ' in the next weeks; not booked yet' }}.</p></div>
        <a class="button" href="{{ route('clients.home-routine.pdf', $head) }}" download>As PDF</a></header>
    <div class="two">
        <section class="home-card">
            <h2>At home</h2>
            @include('home-routine.client.days', ['ticks' => false])
            @if ($style)<h2>The style</h2><p>{{ ucfirst(__("nagomi.stylings.{$style->styling}")) }}, day {{ $styleDay }}. Cover it at night with satin; refresh with water before more product.</p>@endif
            @if ($due !== [])<h2>{{ __('chair-work.home.title') }}</h2><ul class="card-list">@foreach ($due as $one)<li>{{ $one }}</li>@endforeach</ul>@endif
            @include('home-routine.client.watch')
        </section>
        <section class="no-print">
            <h2>Client link</h2>
            <p class="how">Whoever has the link can open this card and tick what was done, nothing else. It expires by itself, or cancel it.</p>
            @foreach ($links as $link)
                <div class="set-day"><label class="grow">Opens until {{ $link->expires_at->setTimezone($salon->timezone)->format('j M Y') }}{{ $link->opened_at ? ', opened' : ', not opened yet' }}<input class="input" readonly value="{{ url($link->path()) }}" aria-label="Link to the home routine"></label>
                    <form method="post" action="{{ route('clients.home-routine.withdraw', [$head, $link]) }}"><x-act/> @method('delete')<button class="button">Withdraw</button></form></div>
            @endforeach
            <form method="post" action="{{ route('clients.home-routine.link', $head) }}" class="asks" novalidate><x-act/>
                <x-field name="days" label="Opens for" unit="days" mode="numeric" value="60"/><button class="button is-strong">Make a link</button></form>
            <h2>Private calendar link</h2>
            @if ($feed)<input class="input" readonly value="{{ url($feed->path()) }}" aria-label="Private calendar link">@else<p class="how">A private link shows bookings and wash days in the client’s own calendar program.</p>@endif
            <div class="objects"><form method="post" action="{{ route('clients.home-routine.calendar', $head) }}"><x-act/><button class="button">{{ $feed ? 'A new address' : 'Make an address' }}</button></form>
                @if ($feed)<form method="post" action="{{ route('clients.home-routine.calendar.drop', $head) }}"><x-act/> @method('delete')<button class="button">Withdraw</button></form>@endif</div>
            <h2>Client updates</h2>
            @if ($came->isEmpty())<p class="reason">Nothing yet.</p>@endif
            <ul class="recent">@foreach ($came as $act)<li><strong>{{ $act->date->format('j M') }}</strong> {{ $act->refused === null ? $act->says : 'not taken in: ' . $act->refused }}</li>@endforeach</ul>
        </section>
    </div>
</x-layout>
