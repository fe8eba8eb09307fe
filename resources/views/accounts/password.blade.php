<x-layout :title="__('people.choose')" bare>
    <div class="sign-in">
        <h1>{{ __('people.choose') }}</h1>
        <p class="lead">{{ __('people.join-lead', ['email' => $user->email]) }}</p>
        <form method="post" action="{{ $link }}" novalidate><x-act/>
            <div class="field">
                <label class="label" for="f-password">{{ __('begin.password') }}</label>
                <input class="input @error('password') is-danger @enderror" id="f-password" name="password" type="password" autocomplete="new-password" @error('password') aria-invalid="true" aria-describedby="e-password" @else aria-describedby="h-password" @enderror>
                @error('password')<p class="help is-danger" id="e-password">{{ $message }}</p>@else<p class="help" id="h-password">{{ __('begin.password-help') }}</p>@enderror
            </div>
            <button class="button is-strong is-fullwidth">{{ __('people.password-do') }}</button>
        </form>
    </div>
</x-layout>
