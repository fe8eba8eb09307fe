<x-layout :title="__('contact.of', ['name' => $called($head->name)])" :head="$head">
    <header class="page-head"><div class="grow"><h1>{{ $called($head->name) }}</h1><p class="lead">{{ __('contact.lead') }} <x-phone :number="$head->phone"/></p></div><a class="button is-strong" href="{{ route('bookings.create', ['head' => $head->id]) }}">{{ __('contact.book') }}</a></header>
    <div class="two">
        <form method="post" action="{{ route('clients.contact.update', $head) }}" novalidate class="intake">
            <x-act/> @method('put') <x-seen :fields="$seen"/>
            <fieldset>
                <legend>{{ __('contact.reach') }}</legend>
                <div class="row">
                    <x-field name="name" :label="__('intake.fields.name')" :value="$head->name"/>
                    <x-field name="phone" :label="__('intake.fields.phone')" mode="tel" :value="$head->phone"/>
                    <x-field name="email" :label="__('intake.fields.email')" mode="email" :value="$head->email"/>
                    <x-choice name="reminded_by" :label="__('intake.fields.reminded_by')" :options="__('intake.reminders')" :value="$head->reminded_by ?? 'nobody'"/>
                    <x-choice name="language" :label="__('messages.language.label')" :options="$languages" :value="$head->language" :empty="__('messages.language.salon')"/>
                    <x-field name="household" :label="__('intake.fields.household')" :value="$head->household" :help="__('intake.help.household')"/>
                </div>
                <p><button class="button is-strong">{{ __('contact.save') }}</button></p>
            </fieldset>
        </form>
        <div>
            @foreach (['to-come' => $toCome, 'before' => $before] as $part => $bookings)
                <section class="card" aria-labelledby="{{ $part }}">
                    <h2 id="{{ $part }}">{{ __("contact.{$part}") }}</h2>
                    @if ($bookings === [])<p class="reason">{{ __("contact.none.{$part}") }}</p>@endif
                    <ul class="recent">@foreach ($bookings as $booking)<li><a href="{{ route('bookings.show', $booking) }}"><strong>{{ $dated($booking->starts_at->setTimezone($head->salon->timezone), 'D j M Y, G:i') }}</strong></a> <span class="reason">{{ $booking->service }}, {{ explode(' ', $booking->user->name)[0] }}@unless ($booking->status->isOpen()), {{ __("nagomi.booking_statuses.{$booking->status->value}") }}@endunless</span></li>@endforeach</ul>
                </section>
            @endforeach
        </div>
    </div>
</x-layout>
