<x-layout title="Sign in" bare>
    <div class="sign-in">
        <h1>Nagomi</h1>
        <p class="lead">Moisture, protein and time, head by head.</p>
        <form method="post" action="{{ route('sign-in') }}" novalidate>
            @csrf
            <x-field name="email" label="Address" type="email"/>
            <div class="field">
                <label class="label" for="f-password">Password</label>
                <input class="input @error('password') is-danger @enderror" id="f-password" name="password" type="password" autocomplete="current-password">
                @error('password')<p class="help is-danger">{{ $message }}</p>@enderror
            </div>
            <button class="button is-strong is-fullwidth">Sign in</button>
        </form>
    </div>
</x-layout>
