<x-layout :title="__('people.join', ['salon' => $invitation->salon->name])" bare>
    <div class="sign-in">
        <h1>{{ __('people.join', ['salon' => $invitation->salon->name]) }}</h1>
        <p class="lead">{{ __('people.join-lead', ['email' => $invitation->email]) }}</p>
        <form method="post" action="{{ $link }}" novalidate><x-act/>
            <x-field name="name" :label="__('begin.owner')" :value="$invitation->name"/>
            <div class="field">
                <label class="label" for="f-password">{{ __('begin.password') }}</label>
                <input class="input @error('password') is-danger @enderror" id="f-password" name="password" type="password" autocomplete="new-password" @error('password') aria-invalid="true" aria-describedby="e-password" @else aria-describedby="h-password" @enderror>
                @error('password')<p class="help is-danger" id="e-password">{{ $message }}</p>@else<p class="help" id="h-password">{{ __('begin.password-help') }}</p>@enderror
            </div>
            <button class="button is-strong is-fullwidth">{{ __('people.join-do') }}</button>
        </form>
    </div>
</x-layout>
