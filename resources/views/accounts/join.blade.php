<x-layout :title="__('people.join', ['salon' => $invitation->salon->name])" bare>
    <div class="sign-in">
        <h1>{{ __('people.join', ['salon' => $invitation->salon->name]) }}</h1>
        @if ($isMe === false)
            <p class="lead">{{ __('people.join-other', ['email' => $invitation->email]) }}</p>
            <form method="post" action="{{ route('sign-out') }}" data-sign-out><x-act/><button class="button is-fullwidth">{{ __('layout.sign-out') }}</button></form>
        @elseif ($isMe)
            <p class="lead">{{ __('people.join-too') }}</p>
            <form method="post" action="{{ $link }}" novalidate data-sign-out><x-act/><button class="button is-strong is-fullwidth">{{ __('people.join-do') }}</button></form>
        @elseif ($isKnown)
            <p class="lead">{{ __('people.join-known', ['email' => $invitation->email]) }}</p>
            <p><a class="button is-strong is-fullwidth" href="{{ route('sign-in') }}">{{ __('accounts.sign-in') }}</a></p>
        @else
            <p class="lead">{{ __('people.join-lead', ['email' => $invitation->email]) }}</p>
            <form method="post" action="{{ $link }}" novalidate><x-act/>
                <x-field name="name" :label="__('begin.owner')" :value="$invitation->name"/>
                <x-password name="password" :label="__('begin.password')" :help="__('begin.password-help')"/>
                <button class="button is-strong is-fullwidth">{{ __('people.join-do') }}</button>
            </form>
        @endif
    </div>
</x-layout>
