<x-layout :title="__('accounts.sign-in')" bare>
    <div class="sign-in">
        <h1>Nagomi</h1>
        <p class="lead">{{ __('accounts.lead') }}</p>
        <form method="post" action="{{ route('sign-in') }}" novalidate>
            @csrf
            <x-field name="email" :label="__('accounts.address')" type="email"/>
            <div class="field">
                <label class="label" for="f-password">{{ __('accounts.password') }}</label>
                <input class="input @error('password') is-danger @enderror" id="f-password" name="password" type="password" autocomplete="current-password">
                @error('password')<p class="help is-danger">{{ $message }}</p>@enderror
            </div>
            <button class="button is-strong is-fullwidth">{{ __('accounts.sign-in') }}</button>
        </form>
        <p class="reason">{{ __('accounts.forgot') }}</p>
    </div>
</x-layout>
