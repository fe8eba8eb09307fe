<x-layout :title="__('connections.title')">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/people.css') }}"></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ __('connections.title') }}</h1><p class="lead">{{ __('connections.lead') }}</p></div><x-salon-places/></header>
    @if ($newIs)
        <section class="card once" aria-labelledby="new">
            <h2 id="new">{{ __("connections.new.{$newIs}") }}</h2>
            <div class="field"><label class="label" for="new-key">{{ __($newIs === 'token' ? 'connections.new.once' : 'connections.new.once-secret') }}</label><x-handed-link id="new-key" :address="$newKey" :label="__($newIs === 'token' ? 'connections.new.once' : 'connections.new.once-secret')" :sends="false"/></div>
        </section>
    @endif
    <section class="card" aria-labelledby="programs">
        <h2 id="programs">{{ __('connections.programs') }}</h2>
        @if ($tokens === [])<p class="reason">{{ __('connections.programs-none') }}</p>@endif
        <ul class="people">
            @foreach ($tokens as $token)
                <li>
                    <p><strong>{{ $token->name }}</strong> <span class="tag-look">{{ __($token->expires_at->isPast() ? 'connections.ran-out' : 'connections.until', ['day' => $dated($token->expires_at->setTimezone($zone), 'j M Y')]) }}</span>
                        <span class="reason">@foreach ($token->may() as $may){{ __($abilities[$may->value]) }}@unless ($loop->last); @endunless @endforeach</span>
                        <span class="reason">{{ __('connections.by', ['who' => $givers[$token->tokenable_id] ?? '']) }} · {{ $token->last_used_at ? __('connections.used', ['day' => $dated($token->last_used_at->setTimezone($zone), 'j M Y, G:i')]) : __('connections.unused') }}</span></p>
                    <details><summary>{{ __('connections.take-back') }}<span class="is-sr-only">: {{ $token->name }}</span></summary>
                        <form method="post" action="{{ route('salon.connections.take-back', $token) }}"><x-act/> @method('delete')<p class="reason">{{ __('connections.take-back-why') }}</p><button class="button">{{ __('connections.take-back') }}<span class="is-sr-only">: {{ $token->name }}</span></button></form></details>
                </li>
            @endforeach
        </ul>
        <details class="more-tests" @if ($tokens === [] || $errors->hasAny(['program', 'may', 'may.*', 'days'])) open @endif>
            <summary>{{ __('connections.make') }}</summary>
            <form method="post" action="{{ route('salon.connections.give') }}" novalidate class="intake"><x-act/>
                <p class="how">{{ __('connections.programs-how') }}</p>
                <div class="row"><x-field name="program" :label="__('connections.program')"/><x-choice name="days" :label="__('connections.days')" :options="collect($days)->mapWithKeys(fn ($count) => [$count => __('connections.good-for.' . $count)])->all()" value="90"/></div>
                <x-ticks name="may" :label="__('connections.may')" :options="$abilities"/>
                <p><button class="button is-strong">{{ __('connections.make') }}</button></p>
            </form>
        </details>
    </section>
    <section class="card" aria-labelledby="addresses">
        <h2 id="addresses">{{ __('connections.addresses') }}</h2>
        @if ($webhooks === [])<p class="reason">{{ __('connections.addresses-none') }}</p>@endif
        <ul class="people">
            @foreach ($webhooks as $webhook)
                <li>
                    <p><strong class="address">{{ $webhook->url }}</strong>
                        <span class="tag-look">{{ $webhook->stopped_at ? __('connections.stopped', ['day' => $dated($webhook->stopped_at->setTimezone($zone), 'j M')]) : ($webhook->failing_since ? __('connections.failing', ['day' => $dated($webhook->failing_since->setTimezone($zone), 'j M, G:i')]) : __(isset($last[$webhook->id]) ? 'connections.works' : 'connections.untold')) }}</span>
                        <span class="reason">@foreach ($webhook->tells() as $event){{ __($events[$event->value]) }}@unless ($loop->last); @endunless @endforeach</span></p>
                    @if ($webhook->stopped_at)<form method="post" action="{{ route('salon.connections.start', $webhook) }}"><x-act/> @method('put')<button class="button">{{ __('connections.start') }}<span class="is-sr-only">: {{ $webhook->url }}</span></button></form>@endif
                    <details><summary>{{ __('connections.drop') }}<span class="is-sr-only">: {{ $webhook->url }}</span></summary>
                        <form method="post" action="{{ route('salon.connections.drop', $webhook) }}"><x-act/> @method('delete')<p class="reason">{{ __('connections.drop-why') }}</p><button class="button">{{ __('connections.drop') }}<span class="is-sr-only">: {{ $webhook->url }}</span></button></form></details>
                </li>
            @endforeach
        </ul>
        <details class="more-tests" @if ($errors->hasAny(['url', 'events', 'events.*'])) open @endif>
            <summary>{{ __('connections.add-title') }}</summary>
            <form method="post" action="{{ route('salon.connections.add') }}" novalidate class="intake"><x-act/>
                <p class="how">{{ __('connections.addresses-how') }}</p>
                <x-field name="url" :label="__('connections.url')" :help="__('connections.url-how')" type="url" mode="url"/>
                <x-ticks name="events" :label="__('connections.events-title')" :options="$events"/>
                <p><button class="button is-strong">{{ __('connections.add') }}</button></p>
            </form>
        </details>
        @if ($deliveries !== [])
            <details class="more-tests"><summary>{{ __('connections.deliveries') }}</summary>
                <ul class="people">
                    @foreach ($deliveries as $delivery)
                        <li><p><strong>{{ __($events[$delivery->event] ?? 'connections.title') }}</strong> <span class="tag-look">{{ __("connections.states.{$delivery->state->value}") }}</span> <span class="reason">{{ $dated($delivery->created_at->setTimezone($zone), 'j M, G:i') }} · {{ $delivery->webhook->url }} · {{ trans_choice('connections.attempts', $delivery->attempts) }} · {{ $delivery->status === null ? __('connections.silent') : __('connections.answered', ['status' => $delivery->status]) }}</span></p>
                            @if ($delivery->state->isOver() && ! $delivery->webhook->stopped_at)<form method="post" action="{{ route('salon.connections.again', $delivery) }}"><x-act/><button class="button">{{ __('connections.again') }}</button></form>@endif</li>
                    @endforeach
                </ul>
            </details>
        @endif
    </section>
    <section class="card" aria-labelledby="document">
        <h2 id="document">{{ __('connections.document') }}</h2>
        <p>{{ __('connections.document-how', ['address' => $address, 'document' => $document]) }}</p>
    </section>
</x-layout>
