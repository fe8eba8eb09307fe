<x-layout :title="__('salon.messages.title')">
    <header class="page-head"><div class="grow"><h1>{{ __('salon.messages.title') }}</h1><p class="lead">{{ __('salon.messages.lead') }}</p></div><x-salon-places/></header>
    <div class="two">
        <section>
            <h2>{{ __('salon.messages.to-go') }}</h2>
            @if ($reminders->isEmpty())<p class="empty">{{ __('salon.messages.none-due') }}</p>@endif
            <ul class="recent">
                @foreach ($reminders as $reminder)
                    <li><strong>{{ $dated($reminder->due_at->setTimezone($salon->timezone), 'D j M G:i') }}</strong> {{ $called($reminder->head->name) }}: {{ __("booking.message.about.{$reminder->kind}") }}
                        <span class="reason">{{ ['due' => $reminder->attempts > 0 ? trans_choice('salon.messages.tried', $reminder->attempts, ['why' => $reminder->why]) : '', 'sending' => $reminder->isStuck() ? __('messages.unheard') : __('messages.under-way'), 'failed' => trans_choice('salon.messages.given-up', max(1, $reminder->attempts), ['why' => $reminder->why])][$reminder->status] }}</span> @if ($reminder->status === 'failed')<x-phone :number="$reminder->head->phone"/>@endif
                        @if ($reminder->isStuck())<form method="post" action="{{ route('salon.messages.again', $reminder) }}"><x-act/><button class="button is-small">{{ __('messages.send-again') }}</button></form>@endif</li>
                @endforeach
            </ul>
            <h2>{{ __('salon.messages.went') }}</h2>
            <p class="how">{{ __('salon.messages.stand-in-how') }}</p>
            @if ($messages->isEmpty())<p class="reason">{{ __('salon.messages.none') }}</p>@endif
            <ul class="recent">
                @foreach ($messages as $message)
                    <li><details><summary><strong>{{ $dated($message->handed_at->setTimezone($salon->timezone), 'D j M G:i') }}</strong> {{ $called($message->head->name) }}, {{ $message->channel }} <span @class(['is-broken' => $message->fate !== 'delivered'])>{{ __('salon.messages.fate.' . $message->fate) }}</span></summary>
                        @named <p class="reason">{{ __('salon.messages.to', ['address' => $message->to]) }}</p> @endnamed @if ($message->subject)<p><strong>{{ $message->subject }}</strong></p>@endif<p class="message-body">{{ $message->body }}</p></details></li>
                @endforeach
            </ul>
        </section>
        <section>
            <h2>{{ __('salon.messages.calendar') }}</h2>
            @if ($feed)
                <p class="how">{{ __('salon.messages.calendar-how') }}</p>
                <x-handed-link :address="url($feed->path())" :label="__('salon.messages.calendar-address')"/>
                <p class="reason">{{ $feed->fetched_at ? __('salon.messages.fetched', ['when' => $dated($feed->fetched_at->setTimezone($salon->timezone), 'j M G:i')]) : __('salon.messages.not-fetched') }}. {{ __('salon.messages.ends', ['day' => $dated($feed->expires_at->setTimezone($salon->timezone)), 'days' => $feed::UNFETCHED_DAYS]) }}</p>
            @else<p class="how">{{ __('salon.messages.calendar-why') }}</p>@endif
            <div class="objects"><form method="post" action="{{ route('salon.calendar') }}"><x-act/><button class="button">{{ __($feed ? 'salon.messages.new-address' : 'salon.messages.make-address') }}</button></form>
                @if ($feed)<form method="post" action="{{ route('salon.calendar.drop') }}"><x-act/> @method('delete')<button class="button">{{ __('salon.messages.withdraw') }}</button></form>@endif</div>
            @reaches('salon.messages.update')<h2>{{ __('salon.messages.quiet') }}</h2>
            <form method="post" action="{{ route('salon.messages.update') }}" class="asks" novalidate>
                <x-act/> @method('put') <x-seen :fields="$seen"/>
                <x-field name="quiet_from" :label="__('salon.messages.quiet-from')" :value="$quiet[0]"/>
                <x-field name="quiet_until" :label="__('salon.messages.quiet-until')" :value="$quiet[1]"/>
                <x-choice name="language" :label="__('messages.language.of-salon')" :options="$languages" :value="$salon->language"/>
                <x-choice name="outbox" :label="__('salon.messages.stand-in')" :options="__('salon.messages.stand-ins')" :value="$salon->outbox"/>
                <button class="button">{{ __('salon.save') }}</button>
            </form>@endreaches
        </section>
    </div>
</x-layout>
