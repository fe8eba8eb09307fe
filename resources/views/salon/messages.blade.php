<x-layout title="Messages">
    <header class="page-head"><div class="grow"><h1>Messages</h1><p class="lead">What goes out to clients, what went, and your own calendar.</p></div><a class="button" href="{{ route('salon.edit') }}">House</a></header>
    <div class="two">
        <section>
            <h2>Still to go</h2>
            @if ($reminders->isEmpty())<p class="empty">Nothing is due. A client who wants reminders (the client’s details say how) is reminded a day before each booking, and on the morning of a wash day at home with a card.</p>@endif
            <ul class="recent">
                @foreach ($reminders as $reminder)
                    <li><strong>{{ $reminder->due_at->setTimezone($salon->timezone)->format('D j M G:i') }}</strong> {{ $called($reminder->head->name) }}: {{ __("booking.message.about.{$reminder->kind}") }}
                        <span class="reason">{{ ['due' => $reminder->attempts > 0 ? 'tried ' . $reminder->attempts . ' times: ' . $reminder->why . ' Tried again then.' : '', 'sending' => $reminder->isStuck() ? __('messages.unheard') : __('messages.under-way'), 'failed' => 'given up after ' . $reminder->attempts . ' tries: ' . $reminder->why . ' Call them.'][$reminder->status] }}</span> @if ($reminder->status === 'failed')<x-phone :number="$reminder->head->phone"/>@endif
                        @if ($reminder->isStuck())<form method="post" action="{{ route('salon.messages.again', $reminder) }}"><x-act/><button class="button is-small">{{ __('messages.send-again') }}</button></form>@endif</li>
                @endforeach
            </ul>
            <h2>Went</h2>
            <p class="how">A stand-in takes these: nothing leaves this machine until a real service is set up (docs/deploying.md).</p>
            @if ($messages->isEmpty())<p class="reason">Nothing yet.</p>@endif
            <ul class="recent">
                @foreach ($messages as $message)
                    <li><details><summary><strong>{{ $message->handed_at->setTimezone($salon->timezone)->format('D j M G:i') }}</strong> {{ $called($message->head->name) }}, {{ $message->channel }} <span @class(['is-broken' => $message->fate !== 'delivered'])>{{ ['delivered' => 'delivered', 'refused' => 'refused', 'hung' => 'no answer'][$message->fate] }}</span></summary>
                        @named <p class="reason">to {{ $message->to }}</p> @endnamed @if ($message->subject)<p><strong>{{ $message->subject }}</strong></p>@endif<p class="message-body">{{ $message->body }}</p></details></li>
                @endforeach
            </ul>
        </section>
        <section>
            <h2>My calendar</h2>
            @if ($feed)
                <p class="how">Subscribe to this address in your calendar program. Whoever has it sees your bookings.</p>
                <input class="input" readonly value="{{ url($feed->path()) }}" aria-label="Address of my calendar">
                <p class="reason">{{ $feed->fetched_at ? 'Last fetched ' . $feed->fetched_at->setTimezone($salon->timezone)->format('j M G:i') : 'Not fetched yet' }}</p>
            @else<p class="how">A private link shows your bookings in any calendar program.</p>@endif
            <div class="objects"><form method="post" action="{{ route('salon.calendar') }}"><x-act/><button class="button">{{ $feed ? 'A new address' : 'Make an address' }}</button></form>
                @if ($feed)<form method="post" action="{{ route('salon.calendar.drop') }}"><x-act/> @method('delete')<button class="button">Withdraw</button></form>@endif</div>
            <h2>When nobody is written to</h2>
            <form method="post" action="{{ route('salon.messages.update') }}" class="asks" novalidate>
                <x-act/> @method('put') <x-seen :fields="$seen"/>
                <x-field name="quiet_from" label="Quiet from" :value="$quiet[0]"/>
                <x-field name="quiet_until" label="until" :value="$quiet[1]"/>
                <x-choice name="language" :label="__('messages.language.of-salon')" :options="$languages" :value="$salon->language"/>
                <x-choice name="outbox" label="The stand-in" :options="['works' => 'delivers', 'refuses' => 'refuses everything', 'hangs' => 'does not answer']" :value="$salon->outbox"/>
                <button class="button">Save</button>
            </form>
        </section>
    </div>
</x-layout>
