<x-layout :title="__('people.second.code')" bare>
    <div class="sign-in">
        <h1>{{ __('people.second.code') }}</h1>
        <p class="lead">{{ __('people.second.ask') }}</p>
        <form method="post" action="{{ route('sign-in.check') }}" novalidate>
            @csrf
            <x-field name="code" :label="__('people.second.code')" :help="__('people.second.ask-help')" autocomplete="one-time-code"/>
            <button class="button is-strong is-fullwidth">{{ __('accounts.sign-in') }}</button>
        </form>
        <p class="reason"><a href="{{ route('sign-in') }}">{{ __('people.second.other') }}</a></p>
    </div>
</x-layout>
