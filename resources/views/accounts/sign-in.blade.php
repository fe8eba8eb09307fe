<x-layout :title="__('accounts.sign-in')" bare>
    <div class="sign-in">
        <h1>Nagomi</h1>
        <p class="lead">{{ __('accounts.lead') }}</p>
        <form method="post" action="{{ route('sign-in') }}" novalidate>
            @csrf
            <x-field name="email" :label="__('accounts.address')" type="email"/>
            <x-password name="password" :label="__('accounts.password')" kind="current-password"/>
            <button class="button is-strong is-fullwidth">{{ __('accounts.sign-in') }}</button>
        </form>
        <p class="reason">{{ __('accounts.forgot') }}</p>
    </div>
</x-layout>
